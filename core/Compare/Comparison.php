<?php

declare(strict_types=1);

namespace Jurvex\Core\Compare;

use Jurvex\Core\Finding\Finding;

/** Two looks at the same stretch laid over each other: how their distances fit, and what became of each finding. */
final readonly class Comparison
{
    /** What is so near is the same thing. */
    private const SAME_PLACE_M = 0.5;
    /** What is so near to roots, deposit or water may have been hidden by them. */
    private const HIDDEN_M = 0.3;

    /** @var list<FateOf> those of the look before in its order, then what only the look after has */
    public array $fates;

    private function __construct(public Seen $before, public Seen $after, public Fit $fit, HandPairs $hand)
    {
        $of = $this->together($hand);
        $fates = [];
        foreach ($before->findings as $i => $finding) {
            $fates[] = isset($of[$i])
                ? FateOf::both($finding, $after->findings[$of[$i]])
                : FateOf::beforeOnly($finding, !$after->couldNotSee($fit->carried($finding->from->metres)));
        }
        foreach (array_diff_key($after->findings, array_flip($of)) as $finding) {
            $fates[] = FateOf::afterOnly($finding, $this->wasHidden($finding));
        }
        $this->fates = $fates;
    }

    /**
     * @param ?HandPairs $hand what a person says of the pairs, before anything is worked out
     * @param ?Fit $fit as it was found before; none has it found
     */
    public static function of(Seen $before, Seen $after, ?HandPairs $hand = null, ?Fit $fit = null): self
    {
        return new self($before, $after, $fit ?? FitFinder::find($before, $after), $hand ?? HandPairs::none());
    }

    /** @return array<int, int> which finding after is which before, by the one before: the nearest first, then by their starts */
    private function together(HandPairs $hand): array
    {
        $of = $hand->places($this->before->findings, $this->after->findings);
        $pairs = [];
        foreach ($this->before->findings as $i => $before) {
            $place = $this->carried($before);
            foreach ($this->after->findings as $j => $after) {
                $gap = $place->gapTo(Seen::extentOf($after));
                if ($gap <= self::SAME_PLACE_M + Pairings::HAIR && $before->kind->trouble() === $after->kind->trouble()
                    && !$hand->parts($before->id, $after->id)
                ) {
                    $pairs[] = [round($gap, 9), round(abs($place->from - $after->from->metres), 9), $i, $j];
                }
            }
        }
        sort($pairs);
        $taken = array_flip($of);
        foreach ($pairs as [, , $i, $j]) {
            if (!isset($of[$i]) && !isset($taken[$j])) {
                $of[$i] = $j;
                $taken[$j] = $i;
            }
        }

        return $of;
    }

    private function carried(Finding $finding): Extent
    {
        return new Extent($this->fit->carried($finding->from->metres), $this->fit->carried($finding->end()->metres));
    }

    private function wasHidden(Finding $finding): bool
    {
        $from = $this->fit->carriedBack($finding->from->metres);

        return $this->before->couldNotSee($from) || $this->before->hid(
            new Extent($from, $this->fit->carriedBack($finding->end()->metres)), self::HIDDEN_M + Pairings::HAIR,
        );
    }
}
