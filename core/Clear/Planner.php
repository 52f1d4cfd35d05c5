<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Run\Travel;

/** Both plans for a stoppage, cable first and jet first. The tables and the reasons that overrule them are data. */
final class Planner
{
    /** Which machine the tables prefer. */
    private const PREFERRED = [
        'soft_plug' => Machine::Jet, 'rags' => Machine::Cable, 'soft_grease' => Machine::Jet,
        'hard_grease' => Machine::Jet, 'packed_soap' => Machine::Jet, 'silt' => Machine::Jet, 'ice' => Machine::Jet,
        'hard_object' => Machine::Cable,
    ];

    /** Heads of a cable in their order, and what is said for and against it. */
    private const CABLE = [
        'soft_plug' => [[Head::Opener], ['against.closes_again']],
        'rags' => [[Head::Retriever], ['for.brings_it_back', 'against.may_shred']],
        'soft_grease' => [[Head::Opener], ['against.hole_only']],
        'hard_grease' => [[Head::Opener], ['against.hole_only']],
        'packed_soap' => [[Head::Opener], ['against.hole_only', 'against.crooked_tunnel']],
        'thin_roots' => [[Head::Opener, Head::Blade], ['for.cuts_roots', 'against.leaves_ring']],
        'dense_roots' => [[Head::Opener, Head::SmallHead, Head::Blade], ['for.cuts_roots', 'against.leaves_ring']],
        'scale' => [[Head::ChainFlail], ['for.strikes_scale', 'against.flush_after']],
        'silt' => [[], ['against.moves_no_silt']],
        'ice' => [[], ['against.melts_no_ice']],
        'hard_object' => [[Head::Retriever, Head::SmallHead], ['for.brings_it_back']],
        'unknown' => [[Head::Opener, Head::Retriever], ['for.tells_what_it_is']],
    ];

    private const JET_REASONS = [
        'soft_plug' => ['for.washes_the_wall'],
        'rags' => ['for.pierces_and_drags'],
        'soft_grease' => ['for.washes_the_wall'],
        'hard_grease' => ['for.washes_the_wall', 'against.slow'],
        'packed_soap' => ['against.slow'],
        'thin_roots' => ['for.cuts_with_flow'],
        'dense_roots' => ['for.cuts_with_flow', 'against.slow'],
        'scale' => ['for.flushes_what_falls'],
        'silt' => ['for.lifts_silt'],
        'ice' => ['for.melts_ice'],
        'hard_object' => ['against.look_first'],
        'unknown' => ['for.washes_the_wall'],
    ];

    /**
     * @param Machine $houseFirst the machine that the house takes first where the tables do not say
     *
     * @return array{cable: Plan, jet: Plan}
     */
    public static function plans(Situation $situation, Machine $houseFirst): array
    {
        $cable = self::cable($situation);
        $jet = self::jet($situation);
        $wanted = self::PREFERRED[$situation->blockage->value] ?? $houseFirst;
        // What is forbidden, and what does not get there or not out again, is never the one to take.
        $isCable = $cable->isPossible() && (Machine::Cable === $wanted || !$jet->isPossible());
        $isJet = $jet->isPossible() && !$isCable;

        return [
            'cable' => $isCable ? $cable->preferred() : $cable,
            'jet' => $isJet ? $jet->preferred() : $jet,
        ];
    }

    private static function cable(Situation $s): Plan
    {
        [$heads, $codes] = self::CABLE[$s->blockage->value];
        $reasons = self::reasons($codes);
        if ($s->isWeak() && \in_array(Head::ChainFlail, $heads, true)) {
            $reasons[] = new Reason('no_flail_in_fragile', Bears::Rule, self::fragile($s));
        }
        $sequence = new CableSequence($s, $heads);
        $steps = $sequence->steps();
        $refused = self::stop($s) ?? ([] === $heads ? $codes[0] : (null === $steps ? 'nothing_in_kit' : null));
        if (null === $steps || null !== $refused) {
            $all = [...$reasons, ...self::stopReason($s), ...self::nothingReason($refused)];

            return new Plan(Machine::Cable, [], $all, $refused, $sequence->missing());
        }
        $first = self::lookFirst($s, $reasons);
        if ($s->blockage->isSoft()) {
            $reasons[] = new Reason('say_what_is_left', Bears::Rule, [Fact::Stoppage]);
        }
        if ($s->isSmall()) {
            $reasons[] = new Reason('small_machine', Bears::Rule, $s->roofVent ? [Fact::RoofVent] : [Fact::Bore]);
        }

        return new Plan(
            Machine::Cable, [...$first, ...$steps, self::lookAfter($s)], $reasons, null, $sequence->missing(),
            self::hindrances($s, $sequence->choices()),
        );
    }

    private static function jet(Situation $s): Plan
    {
        $reasons = self::reasons(self::JET_REASONS[$s->blockage->value]);
        $sequence = new JetSequence($s);
        $steps = $sequence->steps();
        $refused = self::stop($s) ?? ($s->noWater ? 'no_water_indoors' : (null === $steps ? 'nothing_in_kit' : null));
        if (null === $steps || null !== $refused) {
            $noWater = $s->noWater ? [new Reason('no_water_indoors', Bears::Rule, [Fact::NoWater])] : [];

            $all = [...$reasons, ...self::stopReason($s), ...$noWater, ...self::nothingReason($refused)];

            return new Plan(Machine::Jet, [], $all, $refused, $sequence->missing());
        }
        if ($s->isWeak()) {
            $reasons[] = new Reason('less_pressure_in_fragile', Bears::Rule, self::fragile($s));
        }
        if ($s->frost) {
            $reasons[] = new Reason('frost', Bears::Rule, [Fact::Frost]);
        }
        $reasons[] = Travel::Upstream === $s->travel
            ? new Reason('for.flow_carries_out', Bears::For, [Fact::Direction])
            : new Reason('against.pushes_on', Bears::Against, [Fact::Direction]);
        $first = self::lookFirst($s, $reasons);
        if ($s->trap) {
            $reasons[] = new Reason('leader_for_trap', Bears::Rule, [Fact::Trap]);
        }
        if ($sequence->wantsMoreFlow()) {
            $reasons[] = new Reason('too_little_flow', Bears::Against, [Fact::Flow]);
        }
        if (false === $s->carries()) {
            $reasons[] = new Reason('water_does_not_carry', Bears::Rule, [Fact::Fall, Fact::Bore, Fact::Flow]);
        }

        return new Plan(
            Machine::Jet, [...$first, ...$steps, self::lookAfter($s)], $reasons, null, $sequence->missing(),
            self::hindrances($s, $sequence->choices()),
        );
    }

    /** @return list<Reason> */
    private static function nothingReason(?string $refused): array
    {
        return 'nothing_in_kit' === $refused ? [new Reason($refused, Bears::Rule, [Fact::Stoppage])] : [];
    }

    /**
     * @param list<HeadChoice> $choices
     *
     * @return list<Hindrance> one for each head that does not get there, or not out again
     */
    private static function hindrances(Situation $s, array $choices): array
    {
        $hindrances = [];
        foreach ($choices as $choice) {
            $reach = $s->reaches[$choice->head->value] ?? null;
            if (null !== $reach && !$s->isReachedBy($choice->head)) {
                $hindrances[$choice->head->value] = new Hindrance($choice->head, $reach);
            }
        }

        return array_values($hindrances);
    }

    /** @return non-empty-list<Fact> why the pipe is fragile */
    private static function fragile(Situation $s): array
    {
        return match (true) {
            [] !== $s->weakSpots() => $s->fragile ? [Fact::Fragile, Fact::Looks] : [Fact::Looks],
            $s->fragile => [Fact::Fragile],
            $s->weakFar && !$s->isFragile() => [Fact::WeakFar],
            default => [Fact::Material],
        };
    }

    /** @return list<Fact> how far it is, how steep, and how heavily the tool comes out, as far as that is known */
    private static function outOfHand(Situation $s): array
    {
        return [
            ...($s->isFar() ? [Fact::Far] : []), ...($s->isSteep() ? [Fact::Steep] : []),
            ...(null === $s->heaviestPull() ? [] : [Fact::PullOut]),
        ];
    }

    /** What forbids every machine. */
    private static function stop(Situation $s): ?string
    {
        return match (true) {
            $s->crossBore => 'cross_bore_stop',
            $s->gas => 'gas_stop',
            $s->chemicals => 'chemicals_first',
            default => null,
        };
    }

    /** @return list<Reason> */
    private static function stopReason(Situation $s): array
    {
        $code = self::stop($s);

        return null === $code ? [] : [new Reason($code, Bears::Rule, [match ($code) {
            'cross_bore_stop' => Fact::CrossBore,
            'gas_stop' => Fact::Gas,
            default => Fact::Chemicals,
        }])];
    }

    /**
     * @param list<Reason> $reasons
     *
     * @return list<Step>
     */
    private static function lookFirst(Situation $s, array &$reasons): array
    {
        [$code, $facts] = match (true) {
            $s->weakFar => ['look_and_expose', [Fact::WeakFar, ...self::outOfHand($s)]],
            $s->isWeakFar() => ['look_and_expose', [Fact::Stoppage, ...self::fragile($s), ...self::outOfHand($s)]],
            Blockage::Unknown === $s->blockage, Blockage::HardObject === $s->blockage => ['look_first', [Fact::Stoppage]],
            default => [null, []],
        };
        if (null === $code) {
            return [];
        }
        $reasons[] = new Reason($code, Bears::Rule, $facts);

        return [Strokes::look($s->near->metres, $code)];
    }

    private static function lookAfter(Situation $s): Step
    {
        return Strokes::look($s->past()->metres, 'look_after');
    }

    /**
     * @param list<string> $codes
     *
     * @return list<Reason>
     */
    private static function reasons(array $codes): array
    {
        return array_map(static fn (string $code) => new Reason($code, Bears::from(explode('.', $code)[0]), [Fact::Stoppage]), $codes);
    }
}
