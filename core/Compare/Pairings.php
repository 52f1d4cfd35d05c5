<?php

declare(strict_types=1);

namespace Jurvex\Core\Compare;

/** Which features of two looks are the same things, for a fit: of one kind, in order along the line, each once, near each other. */
final readonly class Pairings
{
    public const WITHIN_M = 0.3;
    /** Places are typed to the centimetre: a hair over the limit is still within it. */
    public const HAIR = 1e-9;

    /** @var list<array{list<Feature>, list<Feature>}> by kind that both have, in order along the line */
    public array $kinds;

    /**
     * @param list<Feature> $before
     * @param list<Feature> $after
     */
    public function __construct(array $before, array $after)
    {
        $kinds = [];
        foreach (FeatureKind::cases() as $kind) {
            $of = [self::ordered($before, $kind), self::ordered($after, $kind)];
            if ([] !== $of[0] && [] !== $of[1]) {
                $kinds[] = $of;
            }
        }
        $this->kinds = $kinds;
    }

    /** @return list<Pairing> the most that pair under a fit, and of those the nearest */
    public function under(Fit $fit): array
    {
        return array_merge(...array_map(static fn (array $of) => self::nearest($of[0], $of[1], $fit), $this->kinds), ...[[]]);
    }

    /**
     * @param list<Feature> $features
     *
     * @return list<Feature>
     */
    private static function ordered(array $features, FeatureKind $kind): array
    {
        $features = array_values(array_filter($features, static fn (Feature $each) => $each->kind === $kind));
        usort($features, static fn (Feature $a, Feature $b) => $a->at <=> $b->at);

        return $features;
    }

    /**
     * The best for the first so many after, kept while one before is taken in after the other.
     *
     * @param list<Feature> $before
     * @param list<Feature> $after
     *
     * @return list<Pairing>
     */
    private static function nearest(array $before, array $after, Fit $fit): array
    {
        $best = [Chain::none()];
        $low = 0;
        foreach ($before as $feature) {
            $at = $fit->carried($feature->at);
            while (isset($after[$low]) && $after[$low]->at < $at - self::WITHIN_M - self::HAIR) {
                ++$low;
            }
            $high = $low;
            while (isset($after[$high]) && $after[$high]->at <= $at + self::WITHIN_M + self::HAIR) {
                ++$high;
            }
            $best = array_pad($best, $high + 1, $best[\count($best) - 1]);
            // From the far end back, so that what it is added to does not hold it yet.
            for ($j = $high - 1; $j >= $low; --$j) {
                $off = abs($at - $after[$j]->at);
                $best[$j + 1] = $best[$j + 1]->better($best[$j]->with(new Pairing($feature, $after[$j]), $off));
            }
            for ($j = $low; $j < $high; ++$j) {
                $best[$j + 1] = $best[$j + 1]->better($best[$j]);
            }
        }

        return $best[\count($best) - 1]->pairs();
    }
}
