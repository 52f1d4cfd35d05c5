<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\HeightMeasured;
use Jurvex\Core\Mark\Levelling;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Site\DrawnBranch;
use Jurvex\Core\Site\DrawnMark;
use Jurvex\Core\Site\DugBox;
use Jurvex\Core\Site\GroundLine;
use Jurvex\Core\Site\SiteDrawing;
use Jurvex\Core\Site\SitePlan;

/** What a job's marks say together: where they are on the ground, whether they agree, how the pipe falls between them. */
final readonly class MarkedGround
{
    /** @var array<string, string> what points of the ground are called, by key */
    private array $names;

    /**
     * @param list<MarkOnSite> $marks in order along each run
     * @param list<MarkedPiece> $pieces straight ones with two placed marks and more
     * @param list<MarkedFall> $falls
     * @param list<HeightMeasured> $heights
     * @param array<string, list<DrawnBranch>> $branches where the map knows a tie-in between two marks, by run
     */
    public function __construct(
        public SitePlan $plan, public array $marks, public array $pieces, public array $falls, public array $heights,
        public Levelling $levelling, private array $branches,
    ) {
        $this->names = self::names($heights);
    }

    /** @return list<string> marks that those beside them do not agree with */
    public function odd(): array
    {
        $odd = array_map(static fn (MarkedPiece $piece) => $piece->odd()?->mark->id, $this->pieces);

        return array_values(array_filter($odd, static fn (?string $id) => null !== $id));
    }

    /** @return list<string> what points of the ground are called that are no marks */
    public function points(): array
    {
        $marks = array_map(static fn (MarkOnSite $mark) => $mark->point(), $this->marks);

        return array_values(array_diff_key($this->names, array_flip($marks)));
    }

    /** What a point of the ground is called, as it was typed. */
    public function name(string $key): string
    {
        return $this->names[$key] ?? $key;
    }

    /**
     * @param list<HeightMeasured> $heights
     *
     * @return array<string, string> as they were typed last, by key
     */
    public static function names(array $heights): array
    {
        $names = [];
        foreach ($heights as $height) {
            foreach ([$height->details()->fromPoint, $height->details()->toPoint] as $point) {
                $names[HeightMeasured::key($point)] = trim($point);
            }
        }

        return $names;
    }

    /** @return array<string, GroundLine> through the placed marks, by run */
    public function lines(): array
    {
        $byRun = [];
        foreach ($this->marks as $mark) {
            $placed = $mark->placed();
            null === $placed || $byRun[$mark->mark->run->id][] = $placed;
        }

        return array_map(static fn (array $marks) => new GroundLine($marks), $byRun);
    }

    /**
     * @param list<DugBox> $boxes
     * @param float $room metres that it shows at least
     */
    public function drawing(
        UnitSystem $units, float $width, float $tallest, array $boxes = [], float $room = 0.0,
    ): SiteDrawing {
        $lines = array_map(static fn (GroundLine $line) => $line->places(), array_values($this->lines()));

        return new SiteDrawing(
            $this->plan, array_values(array_filter(array_map($this->drawn(...), $this->marks))), $lines,
            array_merge(...array_values($this->branches), ...[[]]), $boxes, $units, $width, $tallest, $room,
        );
    }

    private function drawn(MarkOnSite $mark): ?DrawnMark
    {
        $tied = $mark->placing->tied;

        return null === $tied ? null : new DrawnMark(
            $mark->mark->id, $mark->label, $tied->place, $tied->error, $mark->mark->isGoodEnoughToDig(),
            \in_array($mark->mark->id, $this->odd(), true),
        );
    }
}
