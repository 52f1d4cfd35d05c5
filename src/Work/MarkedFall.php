<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Mark;
use Jurvex\Core\Camera\MinimumFall;
use Jurvex\Core\Mark\MarkFall;
use Jurvex\Core\Measure\Bore;
use Jurvex\Core\Measure\Grade;
use Jurvex\Core\Run\Travel;

/** The fall of the pipe between two marks that follow each other on a run. */
final readonly class MarkedFall
{
    /** Nearer than this nothing lies between them. */
    private const LEAST_M = 0.2;

    private function __construct(public Mark $upper, public Mark $lower, public MarkFall $fall, public Grade $minimum)
    {
    }

    public function verdict(): string
    {
        return $this->fall->verdict($this->minimum->inPercent());
    }

    /**
     * @param list<Mark> $marks
     *
     * @return list<self> by run and place
     */
    public static function all(array $marks): array
    {
        usort($marks, static fn (Mark $a, Mark $b) => [$a->run->id, $a->details()->atM] <=> [$b->run->id, $b->details()->atM]);
        $falls = [];
        foreach ($marks as $i => $mark) {
            $next = $marks[$i + 1] ?? null;
            if (null === $next || $next->run !== $mark->run || $next->details()->atM - $mark->details()->atM < self::LEAST_M) {
                continue;
            }
            $details = $mark->run->details();
            [$upper, $lower] = Travel::Downstream === $details->travel ? [$mark, $next] : [$next, $mark];
            $falls[] = new self(
                $upper, $lower, MarkFall::between($upper->marked(), $lower->marked()), MinimumFall::of(Bore::orUsual($details->boreMm)),
            );
        }

        return $falls;
    }
}
