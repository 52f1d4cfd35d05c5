<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Finding\Fact as Noted;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;

/** Why a line stopped; each with advice on its use in the words of the house. What shows it first comes first. */
enum Cause: string
{
    case Wipes = 'wipes';
    case Cloth = 'cloth';
    case Roots = 'roots';
    case Grease = 'grease';
    case Soap = 'soap';
    case Paper = 'paper';
    case Hair = 'hair';
    case Scale = 'scale';
    case Silt = 'silt';
    case Thing = 'thing';
    case Ice = 'ice';
    case Sag = 'sag';
    case WrongFitting = 'wrong_fitting';
    case OffsetJoint = 'offset_joint';
    case Broken = 'broken';

    /**
     * What a camera saw that stops a line again and again; none for what does not.
     *
     * @param ?float $percentOfBore how much of the bore it takes or stands in; none where nobody said
     */
    public static function seen(Finding $finding, ?float $percentOfBore): ?self
    {
        $isMuch = null === $percentOfBore || $percentOfBore >= 10.0;

        return match (true) {
            Family::Roots === $finding->kind->family() => self::Roots,
            $finding->kind->isWater() => $isMuch && !$finding->says(Noted::Water, 'on') ? self::Sag : null,
            Kind::Grease === $finding->kind => $isMuch ? self::Grease : null,
            Kind::Scale === $finding->kind => $isMuch ? self::Scale : null,
            \in_array($finding->kind, [Kind::Sediment, Kind::Sludge, Kind::ConstructionDebris], true) => $isMuch ? self::Silt : null,
            Kind::Rag === $finding->kind => self::Cloth,
            \in_array($finding->kind, [Kind::ToolPart, Kind::BrokenCable, Kind::Stone, Kind::UnknownObject], true) => self::Thing,
            Kind::WrongFitting === $finding->kind => self::WrongFitting,
            Kind::OffsetJoint === $finding->kind => $isMuch ? self::OffsetJoint : null,
            \in_array($finding->kind, [Kind::BrokenPipe, Kind::Hole], true) => self::Broken,
            default => null,
        };
    }

    /** What somebody said that it was before it was cleared; none while nobody knows. */
    public static function told(Blockage $blockage): ?self
    {
        return match ($blockage) {
            Blockage::SoftPlug => self::Paper,
            Blockage::Rags => self::Cloth,
            Blockage::SoftGrease, Blockage::HardGrease => self::Grease,
            Blockage::PackedSoap => self::Soap,
            Blockage::ThinRoots, Blockage::DenseRoots => self::Roots,
            Blockage::Scale => self::Scale,
            Blockage::Silt => self::Silt,
            Blockage::Ice => self::Ice,
            Blockage::HardObject => self::Thing,
            Blockage::Unknown => null,
        };
    }

    /**
     * What is asked about first: what came back on a head was it; what a camera saw holds it; what was only said counts
     * where nothing else shows it.
     *
     * @param list<self> $cameBack
     * @param list<self> $seen
     *
     * @return list<CauseFound> each once, in that order
     */
    public static function found(array $cameBack, array $seen, ?self $told): array
    {
        $found = [];
        foreach ([[CauseShownBy::CameBack, $cameBack], [CauseShownBy::Looks, $seen]] as [$by, $causes]) {
            foreach (self::cases() as $cause) {
                if (\in_array($cause, $causes, true)) {
                    $found[$cause->value] ??= new CauseFound($cause, $by);
                }
            }
        }

        return [] === $found && null !== $told ? [new CauseFound($told, CauseShownBy::Told)] : array_values($found);
    }
}
