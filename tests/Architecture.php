<?php

declare(strict_types=1);

namespace App\Tests;

use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The floors of the house, from the ground up; a floor knows only those below it. Checked by phpstan through phpat. */
final class Architecture
{
    private const FLOORS = ['Support', 'Firm', 'Record', 'Work', 'Screen'];
    private const STAGES = [
        'Call', 'WayIn', 'Clear', 'Look', 'Mark', 'Judge', 'Mend', 'HandOver', 'Compare', 'Upkeep', 'Day', 'Office',
        'Practice', 'Keeper', 'Demo',
    ];

    #[TestRule]
    public function theCoreKnowsNoFrameworkNoDatabaseAndNoApplication(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Jurvex\Core'))
            ->excluding(Selector::inNamespace('Jurvex\Core\Tests'))
            ->canOnlyDependOn()
            ->classes(
                Selector::inNamespace('Jurvex\Core'),
                // What PHP itself brings has no namespace.
                Selector::classname('/^[^\\\\]+$/', true),
                Selector::inNamespace('Random'),
            )
            ->because('the rules of the job must hold without Symfony, Doctrine or a screen');
    }

    /** @return iterable<Rule> */
    #[TestRule]
    public function aFloorKnowsOnlyThoseBelowIt(): iterable
    {
        foreach (self::FLOORS as $height => $floor) {
            yield self::forbid(
                $floor,
                [...\array_slice(self::FLOORS, $height + 1), ...self::STAGES],
                'a floor stands without what is built on it',
            );
        }
    }

    /** @return iterable<Rule> */
    #[TestRule]
    public function noStageKnowsAnother(): iterable
    {
        foreach (self::STAGES as $stage) {
            yield self::forbid(
                $stage,
                array_values(array_diff(self::STAGES, [$stage])),
                'a stage may be taken away without touching another',
            );
        }
    }

    /** @param list<string> $others */
    private static function forbid(string $folder, array $others, string $because): Rule
    {
        return PHPat::rule()
            ->classes(self::folder($folder))
            ->shouldNotDependOn()
            ->classes(...array_map(self::folder(...), $others))
            ->because($because);
    }

    private static function folder(string $name): SelectorInterface
    {
        return Selector::inNamespace('App\\'.$name);
    }
}
