<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Run\Travel;

/** Both plans for a stoppage, cable first and jet first. The tables and the reasons that overrule them are data. */
final class Planner
{
    private const SMALL_LINE_MM = 75.0;
    private const LARGE_LINE_MM = 150.0;
    private const FLUSH_M_PER_MIN = 6.0;
    private const LEAST_WORKED_M = 1.0;

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
        // What is forbidden is never the one to take.
        $isCable = null === $cable[2] && (Machine::Cable === $wanted || null !== $jet[2]);
        $isJet = null === $jet[2] && !$isCable;

        return [
            'cable' => new Plan(Machine::Cable, ...$cable, preferred: $isCable),
            'jet' => new Plan(Machine::Jet, ...$jet, preferred: $isJet),
        ];
    }

    /** @return array{list<Step>, list<Reason>, ?string} */
    private static function cable(Situation $s): array
    {
        [$heads, $codes] = self::CABLE[$s->blockage->value];
        $reasons = self::reasons($codes);
        $refused = self::stop($s) ?? ([] === $heads ? $codes[0] : null);
        if (null === $refused && $s->isFragile() && \in_array(Head::ChainFlail, $heads, true)) {
            $heads = array_filter($heads, static fn (Head $head) => Head::ChainFlail !== $head);
            $reasons[] = new Reason('no_flail_in_fragile', Bears::Rule, self::fragile($s));
            $refused = [] === $heads ? 'no_flail_in_fragile' : null;
        }
        if (null !== $refused) {
            return [[], [...$reasons, ...self::stopReason($s)], $refused];
        }
        $steps = self::lookFirst($s, $reasons);
        foreach ($heads as $head) {
            $steps[] = new Step($head, Stroke::In, 0.0, $s->past()->metres, 'head.'.$head->value);
            $steps[] = new Step($head, Stroke::Back, $s->past()->metres, 0.0, 'draw_back');
        }
        if ($s->blockage->isSoft()) {
            $reasons[] = new Reason('say_what_is_left', Bears::Rule, [Fact::Stoppage]);
        }
        if ($s->roofVent || $s->bore->inMillimetres() <= 50.0) {
            $reasons[] = new Reason('small_machine', Bears::Rule, $s->roofVent ? [Fact::RoofVent] : [Fact::Bore]);
        }
        $steps[] = self::lookAfter($s);

        return [$steps, $reasons, null];
    }

    /** @return array{list<Step>, list<Reason>, ?string} */
    private static function jet(Situation $s): array
    {
        $reasons = self::reasons(self::JET_REASONS[$s->blockage->value]);
        $refused = self::stop($s) ?? ($s->noWater ? 'no_water_indoors' : null);
        if (null !== $refused) {
            return [
                [],
                [
                    ...$reasons,
                    ...self::stopReason($s),
                    ...($s->noWater ? [new Reason('no_water_indoors', Bears::Rule, [Fact::NoWater])] : []),
                ],
                $refused,
            ];
        }
        if ($s->isFragile()) {
            $reasons[] = new Reason('less_pressure_in_fragile', Bears::Rule, self::fragile($s));
        }
        if ($s->frost) {
            $reasons[] = new Reason('frost', Bears::Rule, [Fact::Frost]);
        }
        $reasons[] = Travel::Upstream === $s->travel
            ? new Reason('for.flow_carries_out', Bears::For, [Fact::Direction])
            : new Reason('against.pushes_on', Bears::Against, [Fact::Direction]);
        $steps = self::lookFirst($s, $reasons);
        if ($s->trap) {
            $reasons[] = new Reason('leader_for_trap', Bears::Rule, [Fact::Trap]);
            $steps[] = new Step(Head::BendLeader, Stroke::In, 0.0, $s->near->metres, 'head.bend_leader');
        }
        $needed = self::worker($s)?->leastFlow() ?? 0.0;
        if ($needed > $s->flow) {
            $reasons[] = new Reason('too_little_flow', Bears::Against, [Fact::Flow]);
        }

        return [[...$steps, ...self::jetSteps($s), self::lookAfter($s)], $reasons, null];
    }

    /** @return list<Step> in with what opens, back with what works, and what is loose flushed out */
    private static function jetSteps(Situation $s): array
    {
        $opens = self::opener($s);
        $steps = [new Step($opens, Stroke::In, 0.0, $s->past()->metres, 'head.'.$opens->value)];
        $works = self::worker($s);
        if (null !== $works) {
            $steps[] = self::workedBack($s, $works);
        } elseif (Blockage::Rags === $s->blockage) {
            $steps[] = new Step(Head::Piercer, Stroke::Back, $s->past()->metres, 0.0, 'drag_back');
        }
        $minutes = $s->past()->metres / self::FLUSH_M_PER_MIN;
        $steps[] = new Step(
            Head::Flusher, Stroke::Back, $s->past()->metres, 0.0, 'head.flusher', self::FLUSH_M_PER_MIN, $minutes,
            $minutes * $s->flow,
        );

        return $steps;
    }

    /** @return non-empty-list<Fact> why the pipe is fragile */
    private static function fragile(Situation $s): array
    {
        return $s->fragile ? [Fact::Fragile] : [Fact::Material];
    }

    /** What makes the first hole; down the flow a cone of water pushes hard grease and loose scale ahead of it. */
    private static function opener(Situation $s): Head
    {
        $pushes = \in_array($s->blockage, [Blockage::HardGrease, Blockage::Scale], true);

        return match (true) {
            Blockage::Ice === $s->blockage => Head::IceHead,
            $pushes
                && Travel::Downstream === $s->travel
                && !$s->isFragile()
                && $s->bore->inMillimetres() > self::SMALL_LINE_MM
                && $s->flow >= Head::InnerRotorCone->leastFlow() => Head::InnerRotorCone,
            default => Head::Piercer,
        };
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

    /** The nozzle that works on the deposit on its way back. */
    private static function worker(Situation $s): ?Head
    {
        $small = $s->bore->inMillimetres() <= self::SMALL_LINE_MM;
        $rotary = $s->flow >= Head::WholeHeadRotary->leastFlow() && !$small && !$s->isFragile();

        return match ($s->blockage) {
            Blockage::SoftGrease => Head::FreeSpinner,
            Blockage::HardGrease => $rotary ? Head::WholeHeadRotary : Head::BrakedSpinner,
            Blockage::PackedSoap => Head::BrakedSpinner,
            Blockage::ThinRoots, Blockage::DenseRoots => $rotary ? Head::WholeHeadRotary : Head::OffCentreCone,
            Blockage::Scale => $rotary ? Head::WholeHeadRotary : Head::BrakedSpinner,
            Blockage::Silt => $s->bore->inMillimetres() >= self::LARGE_LINE_MM ? Head::Dredger : Head::WholeHeadRotary,
            default => null,
        };
    }

    private static function workedBack(Situation $s, Head $head): Step
    {
        $rates = $s->rates ?? WorkRates::usual();
        $speed = $rates->of($s->blockage, $head, $s->flow);
        // The deposit lies between the estimates; a single estimate is worked over the overrun.
        $metres = max($s->far->metres - $s->near->metres, $s->overrun->metres, self::LEAST_WORKED_M);
        $minutes = null === $speed || 0.0 === $speed ? null : $metres / $speed;

        return new Step(
            $head, Stroke::Back, $s->past()->metres, max(0.0, $s->past()->metres - $metres), 'head.'.$head->value, $speed,
            $minutes, null === $minutes ? null : $minutes * $s->flow, $rates->passes($s->blockage, $head),
        );
    }

    /**
     * @param list<Reason> $reasons
     *
     * @return list<Step>
     */
    private static function lookFirst(Situation $s, array &$reasons): array
    {
        [$code, $facts] = match (true) {
            $s->weakFar => ['look_and_expose', [Fact::WeakFar]],
            $s->isWeakFar() => ['look_and_expose', [Fact::Stoppage, ...self::fragile($s), Fact::Far]],
            Blockage::Unknown === $s->blockage, Blockage::HardObject === $s->blockage => ['look_first', [Fact::Stoppage]],
            default => [null, []],
        };
        if (null === $code) {
            return [];
        }
        $reasons[] = new Reason($code, Bears::Rule, $facts);

        return [new Step(Head::Camera, Stroke::Look, 0.0, $s->near->metres, $code)];
    }

    private static function lookAfter(Situation $s): Step
    {
        return new Step(Head::Camera, Stroke::Look, 0.0, $s->past()->metres, 'look_after');
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
