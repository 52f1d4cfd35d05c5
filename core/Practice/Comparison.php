<?php

declare(strict_types=1);

namespace Jurvex\Core\Practice;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Judge\Judge;
use Jurvex\Core\Run\Coverage;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Sight;

/** A log against the truth of its line: what was missed, made up or off, and what that is worth of a hundred. */
final readonly class Comparison
{
    /** How much of a hundred each part can earn. */
    public const WEIGHTS = ['found' => 40, 'places' => 15, 'sizes' => 15, 'clock' => 10, 'verdicts' => 10, 'unseen' => 10];
    public const PLACE_OFF_M = 0.3;
    public const SIZE_OFF = 0.25;
    public const CLOCK_OFF = 1.0;
    private const NEAR_M = 1.0;
    private const SIGHT_OFF_M = 0.5;
    private const MADE_UP = 3.0;

    /** @var list<Found> */
    public array $found;

    /** @var list<Finding> */
    public array $missed;

    /** @var list<Finding> */
    public array $invented;

    /** @var list<Found> whose class comes out otherwise */
    public array $judgedOtherwise;

    /** Whether what was not seen was declared, and no more than that. */
    public bool $unseenDeclared;

    /** @var array<string, float> points earned, by part; what was made up takes away */
    public array $points;

    public function __construct(RunRecord $truth, RunRecord $logged, HouseRules $rules)
    {
        [$this->found, $this->missed, $this->invented] = self::match(self::counted($truth), self::counted($logged));
        $judge = new Judge($rules);
        [$right, $own] = [$judge->judgeAll($truth), $judge->judgeAll($logged)];
        $isJudgedOtherwise = static fn (Found $found) => ($right[$found->truth->id] ?? null)?->counts()
            !== ($own[$found->logged->id] ?? null)?->counts();
        $this->judgedOtherwise = array_values(array_filter($this->found, $isJudgedOtherwise));
        $this->unseenDeclared = self::seenAlike($truth, $logged);
        $this->points = $this->earned();
    }

    /** From 0 to 100. */
    public function score(): int
    {
        return (int) round(max(0.0, array_sum($this->points)));
    }

    /** @return array<string, float> */
    private function earned(): array
    {
        $count = \count($this->found) + \count($this->missed);
        $share = static fn (array $good, int $of) => 0 === $of ? 1.0 : (float) \count($good) / $of;
        $sized = array_filter($this->found, static fn (Found $found) => null !== $found->sizeOff());
        $clocked = array_filter($this->found, static fn (Found $found) => null !== $found->clockOff());
        // Nothing found earns nothing for being well placed.
        $any = 0 === $count || [] !== $this->found ? 1.0 : 0.0;
        $shares = [
            'found' => $share(array_filter($this->found, static fn (Found $found) => $found->isOfTheRightKind()), $count),
            'places' => $any * $share(
                array_filter($this->found, static fn (Found $found) => $found->placeOff() <= self::PLACE_OFF_M),
                \count($this->found),
            ),
            'sizes' => $any * $share(array_filter($sized, static fn (Found $found) => $found->sizeOff() <= self::SIZE_OFF), \count($sized)),
            'clock' => $any * $share(
                array_filter($clocked, static fn (Found $found) => $found->clockOff() <= self::CLOCK_OFF),
                \count($clocked),
            ),
            'verdicts' => $any * (1 - (0 === \count($this->found) ? 0.0 : \count($this->judgedOtherwise) / \count($this->found))),
            'unseen' => $this->unseenDeclared ? 1.0 : 0.0,
        ];
        $points = [];
        foreach (self::WEIGHTS as $part => $weight) {
            $points[$part] = (float) ($weight * $shares[$part]);
        }

        return [...$points, 'made_up' => -self::MADE_UP * \count($this->invented)];
    }

    /** @return list<Finding> without the plain joints, which nobody must log, and the words at a run's end */
    private static function counted(RunRecord $run): array
    {
        return array_values(
            array_filter(
                $run->findings,
                static fn (Finding $finding) => !\in_array(
                    $finding->kind,
                    [Kind::SoundJoint, Kind::Tap, Kind::EndOfLine, Kind::CannotGoFurther, Kind::ShortFall],
                    true,
                ),
            ),
        );
    }

    /**
     * The nearest of the same kind, else the nearest of the family.
     *
     * @param list<Finding> $truth
     * @param list<Finding> $logged
     *
     * @return array{list<Found>, list<Finding>, list<Finding>}
     */
    private static function match(array $truth, array $logged): array
    {
        $pairs = [];
        foreach ($truth as $i => $one) {
            foreach ($logged as $j => $other) {
                $off = abs($one->from->metres - $other->from->metres);
                if ($off <= self::NEAR_M && $one->kind->family() === $other->kind->family()) {
                    $pairs[] = [$one->kind === $other->kind ? 0 : 1, $off, $i, $j];
                }
            }
        }
        sort($pairs);
        $found = $there = $said = [];
        foreach ($pairs as [, , $i, $j]) {
            if (!isset($there[$i]) && !isset($said[$j])) {
                $there[$i] = $said[$j] = true;
                $found[$i] = new Found($truth[$i], $logged[$j]);
            }
        }
        ksort($found);

        return [array_values($found), array_values(array_diff_key($truth, $there)), array_values(array_diff_key($logged, $said))];
    }

    private static function seenAlike(RunRecord $truth, RunRecord $logged): bool
    {
        [$is, $said] = [Coverage::of($truth), Coverage::of($logged)];

        // Whoever came to the main says so; whoever did not does not.
        return (true === $truth->ended?->isComplete()) === (true === $logged->ended?->isComplete()) && null !== $logged->ended
            && abs($is->metres(Sight::Submerged) - $said->metres(Sight::Submerged)) <= self::SIGHT_OFF_M
                && abs($truth->reached->metres - $logged->reached->metres) <= self::SIGHT_OFF_M;
    }
}
