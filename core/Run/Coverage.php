<?php

declare(strict_types=1);

namespace Jurvex\Core\Run;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Measure\Length;

/** What of a line was seen, seen dimly, under water or not reached. Worse sight wins where they overlap. */
final readonly class Coverage
{
    /** @param list<SightSpan> $spans without gaps or overlaps, in order, neighbours of different sight */
    private function __construct(public array $spans, public bool $openEnded)
    {
    }

    /** Worked out once for each record: verdict, ribbon and the united line all ask for it. */
    public static function of(RunRecord $run): self
    {
        /** @var \WeakMap<RunRecord, self> $known */
        static $known = new \WeakMap();

        return $known[$run] ??= self::workedOut($run);
    }

    private static function workedOut(RunRecord $run): self
    {
        $limits = [new SightSpan($run->reached, $run->length(), Sight::Unreached)];
        foreach ($run->findings as $finding) {
            if ($finding->kind->isWater() && $finding->says(Fact::LensUnder)) {
                $limits[] = new SightSpan($finding->from, $finding->end(), Sight::Submerged);
            }
            if (Kind::SightLimited === $finding->kind) {
                $limits[] = new SightSpan($finding->from, $finding->end(), Sight::Dim);
            }
        }
        $cuts = [0.0, $run->length()->metres];
        foreach ($limits as $limit) {
            array_push($cuts, $limit->from->metres, $limit->to->metres);
        }
        $cuts = array_values(array_unique($cuts));
        sort($cuts);
        $complete = true === $run->ended?->isComplete();

        return new self(
            self::spans($cuts, $limits),
            !$complete && (null === $run->expected || $run->expected->compareTo($run->reached) <= 0),
        );
    }

    public function metres(Sight $sight): float
    {
        return array_sum(array_map(static fn (SightSpan $span) => $span->sight === $sight ? $span->lengthMetres() : 0.0, $this->spans));
    }

    /** Whether the whole line was seen well, to its end. */
    public function isComplete(): bool
    {
        return !$this->openEnded && [] === $this->gaps();
    }

    /** @return list<SightSpan> all that was not seen well */
    public function gaps(): array
    {
        return array_values(array_filter($this->spans, static fn (SightSpan $span) => Sight::Seen !== $span->sight));
    }

    /**
     * @param list<float> $cuts
     * @param list<SightSpan> $limits
     *
     * @return list<SightSpan>
     */
    private static function spans(array $cuts, array $limits): array
    {
        $spans = [];
        for ($i = 1, $count = \count($cuts); $i < $count; ++$i) {
            $from = Length::metres($cuts[$i - 1]);
            $to = Length::metres($cuts[$i]);
            $sight = self::worst($limits, $from, $to);
            $last = $spans[\count($spans) - 1] ?? null;
            if ($last?->sight === $sight) {
                array_pop($spans);
                $from = $last->from;
            }
            $spans[] = new SightSpan($from, $to, $sight);
        }

        return $spans;
    }

    /** @param list<SightSpan> $limits */
    private static function worst(array $limits, Length $from, Length $to): Sight
    {
        foreach ([Sight::Unreached, Sight::Submerged, Sight::Dim] as $sight) {
            foreach ($limits as $limit) {
                if ($limit->sight === $sight && $limit->sharedMetres($from, $to) > 0) {
                    return $sight;
                }
            }
        }

        return Sight::Seen;
    }
}
