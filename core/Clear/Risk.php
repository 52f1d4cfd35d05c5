<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Run\Travel;

/** What may go wrong with a plan. */
enum Risk: string
{
    /** Force in a pipe that is weak where the work is or on the way. */
    case WeakPipe = 'weak_pipe';
    /** Nobody gets at a tool that sticks there. */
    case OutOfHand = 'out_of_hand';
    /** More than half of what can be pulled draws it out. */
    case HeavyOut = 'heavy_out';
    case UnknownThing = 'unknown_thing';
    case Shreds = 'shreds';
    case PushesOn = 'pushes_on';
    case StaysInTheLine = 'stays_in_the_line';

    /** @return list<self> of a plan, the gravest first */
    public static function of(Plan $plan, Situation $situation): array
    {
        return array_values(array_filter(self::cases(), static fn (self $risk) => $risk->isRun($plan, $situation)));
    }

    private function isRun(Plan $plan, Situation $s): bool
    {
        $isJet = Machine::Jet === $plan->machine;

        return match ($this) {
            self::WeakPipe => $s->isWeak(),
            self::OutOfHand => $s->isWeakFar(),
            self::HeavyOut => [] !== array_filter(
                $plan->heads(), static fn (Head $head) => isset($s->reaches[$head->value]) && $s->reaches[$head->value]->isHeavy(),
            ),
            self::UnknownThing => \in_array($s->blockage, [Blockage::Unknown, Blockage::HardObject], true),
            self::Shreds => !$isJet && Blockage::Rags === $s->blockage,
            self::PushesOn => $isJet && Travel::Downstream === $s->travel,
            self::StaysInTheLine => $isJet && false === $s->carries(),
        };
    }
}
