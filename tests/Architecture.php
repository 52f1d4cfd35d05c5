<?php

declare(strict_types=1);

namespace App\Tests;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Checked by phpstan through phpat. */
final class Architecture
{
    public function testTheCoreKnowsNoFrameworkNoDatabaseAndNoApplication(): Rule
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

    public function testWhatAllStagesShareKnowsNoScreenOfOneStage(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Shared'))
            ->shouldNotDependOn()
            ->classes(Selector::classname('/^App\\\\(?!Shared).*(Controller|Form)$/', true))
            ->because('a stage may be taken away without touching what the others stand on');
    }
}
