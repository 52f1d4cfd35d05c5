<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Sureness;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Judge\Judgement;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Judge\Remedy;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\SizeUnit;

/** A judged finding as something to be mended: whether it is, how far it goes, and whether a liner can do it. */
final readonly class Mendable
{
    /** So much sound pipe at each side of a joint or a point is taken to grip: a house value. */
    public const GRIP_M = 0.3;
    /** A liner does not bridge a wider gap: a house value. */
    private const GAP_MM = 50.0;

    /** Cleaning and cutting are upkeep, taking out and stopping are no repair. */
    private const NO_REPAIR = [Remedy::CutThenKeepClean, Remedy::CleanNow, Remedy::CleanThenLook, Remedy::TakeOut, Remedy::StopAndCall];

    /**
     * @param list<Finding> $beside other troubles of the same joint
     * @param ?Length $bore at its place
     */
    public function __construct(
        public Finding $finding, private Judgement $judgement, private array $beside, private ?Length $bore, private HouseRules $rules,
    ) {
    }

    public function isRepair(): bool
    {
        $need = $this->judgement->counts();
        $isUpkeep = null === $this->judgement->override
            && (\in_array($this->judgement->remedy, self::NO_REPAIR, true) || Family::Deposit === $this->finding->kind->family());

        return (Need::Mend === $need || Need::Now === $need) && !$isUpkeep && Kind::CannotGoFurther !== $this->finding->kind;
    }

    /** Whether the rule asks for the stretch from cut to cut, and not for the place alone. */
    public function isStretch(): bool
    {
        return Remedy::RenewStretch === $this->judgement->remedy;
    }

    /** Metres along the line where the repair begins: of a stretch its own start, of a point what is needed to grip before it. */
    public function from(): float
    {
        return max(0.0, $this->finding->from->metres - $this->grip());
    }

    /** Not past the end of the line. */
    public function to(float $end): float
    {
        return max($this->from(), min($end, $this->finding->end()->metres + $this->grip()));
    }

    private function grip(): float
    {
        return $this->finding->kind->isWater() ? 0.0 : self::GRIP_M;
    }

    /** @return list<LiningBar> why a liner cannot mend it; nothing when it can */
    public function bars(): array
    {
        $bars = [];
        foreach ([$this->finding, ...$this->beside] as $finding) {
            $bar = $this->bar($finding);
            null === $bar || \in_array($bar, $bars, true) || $bars[] = $bar;
        }

        return $bars;
    }

    private function bar(Finding $finding): ?LiningBar
    {
        return match ($finding->kind) {
            Kind::LowSpot, Kind::StandingWater, Kind::ShortFall => LiningBar::Sag,
            Kind::BrokenPipe, Kind::Hole => $finding->says(Fact::CrownGone) || $finding->says(Fact::VoidSeen) ? LiningBar::Collapse : null,
            Kind::OutOfRound => $this->isOver($finding, 'ovality_mend_percent') ? LiningBar::Collapse : null,
            Kind::OffsetJoint => $this->isOver($finding, 'offset_convenience_percent') || $finding->says(Fact::CameraPassed, 'no')
                ? LiningBar::Offset : null,
            Kind::SeparatedJoint => $finding->sizeIn(SizeUnit::Millimetres) > self::GAP_MM ? LiningBar::Apart : null,
            Kind::WrongFitting, Kind::StubbedHose => LiningBar::WrongConnection,
            Kind::CrossBore, Kind::ToolPart, Kind::BrokenCable, Kind::Stone, Kind::UnknownObject => LiningBar::InTheWay,
            default => null,
        };
    }

    private function isOver(Finding $finding, string $limit): bool
    {
        return ($finding->percentOf($this->bore) ?? 0.0) > $this->rules->limit($limit);
    }

    /** @return list<LiningFirst> */
    public function first(): array
    {
        $first = [];
        foreach ([$this->finding, ...$this->beside] as $finding) {
            $what = match ($finding->kind->family()) {
                Family::Roots => LiningFirst::CutRoots,
                Family::Deposit => LiningFirst::Clean,
                default => null,
            };
            null === $what || \in_array($what, $first, true) || $first[] = $what;
        }

        return $first;
    }

    /** Whether nobody is certain of it. */
    public function isUnsure(): bool
    {
        return Sureness::Clear !== $this->finding->sureness;
    }
}
