<?php

declare(strict_types=1);

namespace Jurvex\Core\Compare;

use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\Coverage;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\SightSpan;

/** What one look saw of a line, by its own counter. */
final readonly class Seen
{
    /** Two entries so near to each other are of one joint. */
    private const ONE_FEATURE_M = 0.1;
    /** Counters are off by so much at zero and at the end. */
    private const AROUND_M = 0.3;

    /**
     * @param list<Feature> $features in any order
     * @param list<Finding> $findings
     * @param list<Extent> $unseen what it could not see
     */
    public function __construct(public array $features, public array $findings, public array $unseen)
    {
    }

    /** By the record of a run: what stays and what may come and go, and what it did not see well or not reach. */
    public static function by(RunRecord $run): self
    {
        $findings = array_values(array_filter($run->findings, static fn (Finding $finding) => !$finding->kind->isPlain()
            && !\in_array($finding->kind, [Kind::TieIn, Kind::CannotGoFurther], true)));
        $unseen = array_map(
            static fn (SightSpan $gap) => new Extent($gap->from->metres, $gap->to->metres), Coverage::of($run)->gaps(),
        );
        // Nobody knows what lies before its zero and beyond its end.
        $unseen[] = new Extent(-\INF, -self::AROUND_M);
        $unseen[] = new Extent($run->reached->metres + self::AROUND_M, \INF);

        return new self(self::featuresOf($run, 0.0), $findings, $unseen);
    }

    /** What stays alone, with every place so many metres nearer: as another zero would have it. */
    public static function featuresFrom(RunRecord $run, float $zero): self
    {
        return new self(self::featuresOf($run, $zero), [], []);
    }

    /** @return list<Feature> */
    private static function featuresOf(RunRecord $run, float $zero): array
    {
        $features = $last = [];
        foreach ($run->findings as $finding) {
            $kind = FeatureKind::of($finding);
            $at = $finding->from->metres;
            // Several troubles of one joint are one joint.
            if (null !== $kind && $at - ($last[$kind->value] ?? -\INF) > self::ONE_FEATURE_M) {
                $features[] = new Feature($kind, $at - $zero);
                $last[$kind->value] = $at;
            }
        }

        return $features;
    }

    public static function extentOf(Finding $finding): Extent
    {
        return new Extent($finding->from->metres, $finding->end()->metres);
    }

    public function couldNotSee(float $at): bool
    {
        return [] !== array_filter($this->unseen, static fn (Extent $gap) => $gap->holds($at));
    }

    /** Whether roots, a deposit or standing water lay over a place or within so many metres of it. */
    public function hid(Extent $place, float $within): bool
    {
        return [] !== array_filter($this->findings, static fn (Finding $finding) => \in_array(
            $finding->kind->family(), [Family::Roots, Family::Deposit, Family::Water], true,
        ) && self::extentOf($finding)->gapTo($place) <= $within);
    }

    /** The same from a camera that came the other way: its far end becomes the beginning. */
    public function reversed(float $length): self
    {
        $turned = static fn (float $from, float $to) => [max(0.0, $length - $to), max(0.0, $length - $from)];

        return new self(
            array_map(static fn (Feature $each) => new Feature($each->kind, $length - $each->at), $this->features),
            array_map(static function (Finding $each) use ($turned): Finding {
                [$from, $to] = $turned($each->from->metres, $each->end()->metres);

                return $each->at(Length::metres($from), null === $each->to ? null : Length::metres($to));
            }, $this->findings),
            array_map(static fn (Extent $gap) => new Extent($length - $gap->to, $length - $gap->from), $this->unseen),
        );
    }
}
