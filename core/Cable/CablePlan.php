<?php

declare(strict_types=1);

namespace Jurvex\Core\Cable;

use Jurvex\Core\Measure\Length;

/** How much cable it takes to get past a stoppage, and what cutter goes there. */
final readonly class CablePlan
{
    /**
     * @param Length $drop down to the line
     * @param Length $near near estimate of the stoppage, from the foot of the drop
     * @param Length $far far estimate
     * @param Length $overrun beyond it
     * @param Length $tail at the machine
     * @param Length $drum cable on the drum
     * @param Length $section one section, over nought
     * @param Length $margin kept to the near estimate when whole sections are fed by hand
     */
    public function __construct(
        public Length $drop,
        private Length $near,
        private Length $far,
        private Length $overrun,
        private Length $tail,
        private Length $drum,
        private Length $section,
        private int $sectionsOnHand,
        private Length $margin,
    ) {
    }

    public function needed(): Length
    {
        return Length::metres($this->drop->metres + $this->far->metres + $this->overrun->metres + $this->tail->metres);
    }

    public function available(): Length
    {
        return Length::metres($this->drum->metres + $this->sectionsOnHand * $this->section->metres);
    }

    /** What is missing; nothing when there is enough. */
    public function short(): Length
    {
        return Length::metres(max(0.0, $this->needed()->metres - $this->available()->metres));
    }

    /** Sections beside the drum that are needed, whether they are at hand or not. */
    public function sections(): int
    {
        return max(0, (int) ceil(($this->needed()->metres - $this->drum->metres) / $this->section->metres));
    }

    /** Whole sections that may go in by hand before the stoppage can be met. */
    public function handFed(): int
    {
        $whole = (int) floor(($this->drop->metres + $this->near->metres - $this->margin->metres) / $this->section->metres);

        return max(0, min($this->sections(), $whole));
    }

    /** @return list<Length> from the head; the last is the joint to the drum, or the tail */
    public function couplings(): array
    {
        $couplings = [];
        for ($i = 1; $i <= $this->sections(); ++$i) {
            $couplings[] = Length::metres($i * $this->section->metres);
        }

        return $couplings;
    }

    /** @return list<Length> of these the ones that exist: no more than there are sections at hand */
    public function couplingsAtHand(): array
    {
        return \array_slice($this->couplings(), 0, $this->sectionsOnHand);
    }

    /**
     * The largest cutter that passes the opening and every bore on the way.
     *
     * @param non-empty-list<Length> $bores opening, bores on the way, and the bore to be cut
     * @param list<Length> $cutters at hand
     *
     * @return ?Length none when none passes
     */
    public static function largestCutter(array $bores, Length $clearance, array $cutters): ?Length
    {
        $most = min(array_map(static fn (Length $bore) => $bore->metres, $bores)) - $clearance->metres;
        $best = null;
        foreach ($cutters as $cutter) {
            // A cutter is as wide as its number says, however metres are rounded.
            if ($cutter->metres <= $most + 1e-12 && (null === $best || $cutter->metres > $best->metres)) {
                $best = $cutter;
            }
        }

        return $best;
    }

    /** Share of the bore that a cutter sweeps, turned round in the middle. */
    public static function swept(Length $cutter, Length $bore): float
    {
        return ($cutter->metres / $bore->metres) ** 2;
    }
}
