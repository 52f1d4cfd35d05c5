<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** What a plan does with the heads that it has, and what it leaves: so that two plans can be weighed. By the house's table. */
final readonly class Outlook
{
    /** Of the jet's heads these cut roots; the others only wash them. */
    private const CUTTING = [Head::WholeHeadRotary, Head::InnerRotorCone, Head::OffCentreCone];

    /** @param list<Risk> $risks the gravest first */
    private function __construct(public Deed $deed, public ?Left $leaves, public Lasts $lasts, public array $risks)
    {
    }

    /** @return ?self none of a plan that is refused, or that does not get there or not out again */
    public static function of(Plan $plan, Situation $situation): ?self
    {
        $blockage = $situation->blockage;
        $deeds = [];
        foreach ($plan->steps as $step) {
            $deed = Machine::Jet === $plan->machine ? self::jetDeed($step, $blockage) : self::cableDeed($step->head, $blockage);
            if (null !== $deed) {
                $deeds[] = $deed;
            }
        }
        $deed = end($deeds);

        if (false === $deed || !$plan->isPossible()) {
            return null;
        }
        $left = self::left($deed, $plan->machine, $blockage);

        return new self($deed, $left, self::lasting($left, $blockage), Risk::of($plan, $situation));
    }

    private static function cableDeed(Head $head, Blockage $blockage): ?Deed
    {
        return match (true) {
            Head::Opener === $head, Head::SmallHead === $head && Blockage::HardObject !== $blockage => Deed::Opens,
            // What it is nobody knows yet.
            Head::Retriever === $head => Blockage::Unknown === $blockage ? Deed::Opens : Deed::BringsBack,
            Head::Blade === $head => Deed::Cuts,
            Head::ChainFlail === $head => Deed::Strikes,
            default => null,
        };
    }

    private static function jetDeed(Step $step, Blockage $blockage): ?Deed
    {
        return match (true) {
            Head::Piercer === $step->head => Blockage::Rags === $blockage ? Deed::BringsBack : Deed::Opens,
            Head::IceHead === $step->head => Deed::Melts,
            Head::Flusher === $step->head && Blockage::HardObject === $blockage => Deed::GoesPast,
            !$step->works => null,
            Blockage::Silt === $blockage && Head::Flusher !== $step->head => Deed::Lifts,
            $blockage->isRoots() && \in_array($step->head, self::CUTTING, true) => Deed::Cuts,
            default => Deed::Washes,
        };
    }

    /** What stays where that is what was done. */
    private static function left(Deed $deed, Machine $machine, Blockage $blockage): ?Left
    {
        return match ($blockage) {
            Blockage::SoftPlug => Deed::Opens === $deed ? Left::Plug : null,
            Blockage::SoftGrease, Blockage::HardGrease, Blockage::Ice => Deed::Opens === $deed ? Left::Wall : null,
            Blockage::PackedSoap => Deed::Opens === $deed ? Left::CrookedTunnel : null,
            Blockage::ThinRoots, Blockage::DenseRoots => match (true) {
                Deed::Cuts !== $deed => Left::Roots,
                default => Machine::Cable === $machine ? Left::Ring : null,
            },
            // The jet flushes what falls.
            Blockage::Scale => Machine::Cable === $machine ? Left::Fallen : null,
            Blockage::Rags => Deed::Opens === $deed ? Left::Thing : null,
            Blockage::HardObject => Deed::BringsBack === $deed ? null : Left::Thing,
            default => null,
        };
    }

    /** How soon it may close again. */
    private static function lasting(?Left $left, Blockage $blockage): Lasts
    {
        return match ($left) {
            Left::Plug, Left::Roots, Left::Fallen, Left::Thing => Lasts::Soon,
            Left::Wall => Blockage::HardGrease === $blockage ? Lasts::Later : Lasts::Soon,
            Left::CrookedTunnel, Left::Ring => Lasts::Later,
            // However well they are cut, they grow again.
            null => $blockage->isRoots() ? Lasts::Later : (Blockage::Unknown === $blockage ? Lasts::Unknown : Lasts::Lasts),
        };
    }
}
