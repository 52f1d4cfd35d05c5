<?php

declare(strict_types=1);

namespace Jurvex\Core\Finding;

use Jurvex\Core\Measure\SizeUnit;

/** What can be found in a line. */
enum Kind: string
{
    case RootThreads = 'root_threads';
    case RootCords = 'root_cords';
    case RootClump = 'root_clump';
    case LowSpot = 'low_spot';
    case StandingWater = 'standing_water';
    case OffsetJoint = 'offset_joint';
    case SeparatedJoint = 'separated_joint';
    case FailedSeal = 'failed_seal';
    case SoundJoint = 'sound_joint';
    case Crack = 'crack';
    case BrokenPipe = 'broken_pipe';
    case Hole = 'hole';
    case WornInvert = 'worn_invert';
    case Blister = 'blister';
    case OutOfRound = 'out_of_round';
    case OldPatch = 'old_patch';
    case Grease = 'grease';
    case Scale = 'scale';
    case Sludge = 'sludge';
    case Sediment = 'sediment';
    case ConstructionDebris = 'construction_debris';
    case Rag = 'rag';
    case ToolPart = 'tool_part';
    case BrokenCable = 'broken_cable';
    case Stone = 'stone';
    case UnknownObject = 'unknown_object';
    case CrossBore = 'cross_bore';
    case TieIn = 'tie_in';
    case WrongFitting = 'wrong_fitting';
    case StubbedHose = 'stubbed_hose';
    case DeadLeg = 'dead_leg';
    case Transition = 'transition';
    case Bend = 'bend';
    case OpeningSeen = 'opening_seen';
    case EndOfLine = 'end_of_line';
    case Tap = 'tap';
    case ShortFall = 'short_fall';
    case CannotGoFurther = 'cannot_go_further';
    case SightLimited = 'sight_limited';

    /** Read thousands of times for a long run: a table is quicker than a match. */
    private const FAMILIES = [
        self::RootThreads->value => Family::Roots, self::RootCords->value => Family::Roots, self::RootClump->value => Family::Roots,
        self::LowSpot->value => Family::Water, self::StandingWater->value => Family::Water,
        self::OffsetJoint->value => Family::Joint, self::SeparatedJoint->value => Family::Joint,
        self::FailedSeal->value => Family::Joint, self::SoundJoint->value => Family::Joint,
        self::Crack->value => Family::Wall, self::BrokenPipe->value => Family::Wall, self::Hole->value => Family::Wall,
        self::WornInvert->value => Family::Wall, self::Blister->value => Family::Wall, self::OutOfRound->value => Family::Wall,
        self::OldPatch->value => Family::Wall,
        self::Grease->value => Family::Deposit, self::Scale->value => Family::Deposit, self::Sludge->value => Family::Deposit,
        self::Sediment->value => Family::Deposit, self::ConstructionDebris->value => Family::Deposit,
        self::Rag->value => Family::Object, self::ToolPart->value => Family::Object, self::BrokenCable->value => Family::Object,
        self::Stone->value => Family::Object, self::UnknownObject->value => Family::Object, self::CrossBore->value => Family::Object,
        self::TieIn->value => Family::Connection, self::WrongFitting->value => Family::Connection,
        self::StubbedHose->value => Family::Connection, self::DeadLeg->value => Family::Connection,
        self::Transition->value => Family::Way, self::Bend->value => Family::Way, self::OpeningSeen->value => Family::Way,
        self::EndOfLine->value => Family::Way, self::Tap->value => Family::Way, self::ShortFall->value => Family::Way,
        self::CannotGoFurther->value => Family::Way, self::SightLimited->value => Family::Way,
    ];

    public function family(): Family
    {
        return self::FAMILIES[$this->value];
    }

    /**
     * The units in which its size may be given, the usual one first; none when it has no size.
     * What the size is: see Measure.
     *
     * @return list<SizeUnit>
     */
    public function units(): array
    {
        return match ($this->measure()) {
            Measure::None => [],
            Measure::ShareOfBore, Measure::ShareOfWall, Measure::Ovality, Measure::Fall => [SizeUnit::Percent],
            Measure::Step, Measure::Thickness => [SizeUnit::Percent, SizeUnit::Millimetres],
            Measure::Depth, Measure::Gap, Measure::Bore => [SizeUnit::Millimetres],
            Measure::Turn => [SizeUnit::Degrees],
        };
    }

    public function measure(): Measure
    {
        return match ($this) {
            self::RootThreads, self::RootCords, self::RootClump,
            self::Rag, self::ToolPart, self::BrokenCable, self::Stone, self::UnknownObject, self::CrossBore => Measure::ShareOfBore,
            self::LowSpot, self::StandingWater => Measure::Depth,
            self::OffsetJoint => Measure::Step,
            self::SeparatedJoint => Measure::Gap,
            self::BrokenPipe, self::Hole, self::WornInvert, self::Blister => Measure::ShareOfWall,
            self::OutOfRound => Measure::Ovality,
            self::Grease, self::Scale, self::Sludge, self::Sediment, self::ConstructionDebris => Measure::Thickness,
            self::TieIn, self::WrongFitting, self::StubbedHose, self::DeadLeg, self::Transition => Measure::Bore,
            self::Bend => Measure::Turn,
            self::ShortFall => Measure::Fall,
            self::FailedSeal, self::SoundJoint, self::Crack, self::OldPatch, self::OpeningSeen, self::EndOfLine, self::Tap,
            self::CannotGoFurther, self::SightLimited => Measure::None,
        };
    }

    public function extent(): Extent
    {
        return match ($this) {
            self::LowSpot, self::StandingWater, self::SightLimited => Extent::Stretch,
            self::RootThreads, self::RootCords, self::RootClump,
            self::Crack, self::BrokenPipe, self::Hole, self::WornInvert, self::Blister, self::OutOfRound, self::OldPatch,
            self::Grease, self::Scale, self::Sludge, self::Sediment, self::ConstructionDebris,
            self::ShortFall => Extent::Either,
            default => Extent::Point,
        };
    }

    /**
     * What else is asked of it; the first one that is a choice is the one that decides its class.
     *
     * @return list<Fact>
     */
    public function facts(): array
    {
        return match ($this) {
            self::RootThreads, self::RootCords, self::RootClump => [Fact::BackAfterCutting],
            self::LowSpot => [Fact::Water, Fact::MinutesOff, Fact::LensUnder, Fact::OrLess, Fact::DepositInIt],
            self::StandingWater => [Fact::Water, Fact::MinutesOff, Fact::LensUnder, Fact::OrLess],
            self::OffsetJoint => [Fact::Facing, Fact::CameraPassed],
            self::SeparatedJoint, self::FailedSeal => [Fact::SoilSeen],
            self::Crack => [Fact::CrackState],
            self::BrokenPipe, self::Hole => [Fact::VoidSeen, Fact::SoilSeen, Fact::CrownGone],
            self::WornInvert => [Fact::Wear],
            self::Rag, self::ToolPart, self::BrokenCable, self::Stone, self::UnknownObject => [Fact::Moves],
            self::TieIn, self::WrongFitting, self::StubbedHose, self::DeadLeg => [Fact::Condition, Fact::Whose, Fact::KnownHow],
            self::Transition => [Fact::MaterialAfter],
            self::ShortFall => [Fact::FallsBack, Fact::TiltStepDeg],
            self::CannotGoFurther => [Fact::Cause],
            default => [],
        };
    }

    /** Whether the lens can be under water in it. */
    public function isWater(): bool
    {
        return Family::Water === $this->family();
    }

    /** Whether it only tells the way: a sound joint, a bend, an end; nothing that anybody must know of. */
    public function isPlain(): bool
    {
        return self::SoundJoint === $this
            || (Family::Way === $this->family() && self::CannotGoFurther !== $this && self::ShortFall !== $this);
    }

    /** What is one kind of trouble, however it looked on the day: all roots, all deposits, else the kind itself. */
    public function trouble(): string
    {
        $family = $this->family();

        return Family::Roots === $family || Family::Deposit === $family ? $family->value : $this->value;
    }
}
