<?php

declare(strict_types=1);

namespace Jurvex\Core\Compare;

use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Measure\Length;

/** What one look saw of a line, by its own counter. */
final readonly class Seen
{
    /**
     * @param list<Feature> $features in any order
     * @param list<Finding> $findings
     * @param list<Extent> $unseen what it could not see
     */
    public function __construct(public array $features, public array $findings, public array $unseen)
    {
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
            array_map(static fn (Extent $gap) => new Extent(...$turned($gap->from, $gap->to)), $this->unseen),
        );
    }
}
