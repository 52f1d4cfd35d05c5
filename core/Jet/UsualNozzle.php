<?php

declare(strict_types=1);

namespace Jurvex\Core\Jet;

use Jurvex\Core\Clear\Head;
use Jurvex\Core\Measure\Length;

/** How a nozzle of a class is usually drilled: house starting values, to be put right by what is stamped on the nozzle. */
final class UsualNozzle
{
    /** Count and angle of its jets in degrees, 0 straight back, 180 straight forward. */
    private const JETS = [
        'flusher' => [[6, 30]], 'piercer' => [[3, 30], [1, 180]], 'free_spinner' => [[2, 45]], 'braked_spinner' => [[3, 45]],
        'whole_head_rotary' => [[4, 30], [1, 150]], 'inner_rotor_cone' => [[4, 20], [1, 165]], 'off_centre_cone' => [[2, 25], [1, 150]],
        'dredger' => [[6, 12]], 'ice_head' => [[4, 30], [1, 180]], 'bend_leader' => [[4, 30]],
    ];
    private const DISCHARGE = 0.95;
    /** Drills go in such steps. */
    private const STEP_MM = 0.05;

    /** @return list<Head> that have a usual drilling */
    public static function classes(): array
    {
        return array_map(Head::from(...), array_keys(self::JETS));
    }

    /**
     * Drilled so that this pump with these hoses comes close to its setting: the next drill over what fits exactly.
     *
     * @return ?Nozzle none of a class without jets
     */
    public static function fitting(Head $class, JetLine $line): ?Nozzle
    {
        $jets = self::JETS[$class->value] ?? null;
        if (null === $jets) {
            return null;
        }
        $drilled = static fn (Length $diameter) => new Nozzle(array_map(
            static fn (array $jet) => new Orifices($jet[0], $diameter, $jet[1], self::DISCHARGE), $jets,
        ), $class->leak());
        $exact = $line->withNozzle($drilled(Length::millimetres(1)))->bestOrifice();

        return $drilled(Length::millimetres(ceil($exact->inMillimetres() / self::STEP_MM - 1e-9) * self::STEP_MM));
    }
}
