<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests;

use Jurvex\Core\Calc\Catalogue;
use Jurvex\Core\Input\BadInput;
use PHPUnit\Framework\Attributes\DataProvider;

/** Calculations refuse what cannot be; the test case lists it in impossible(). */
trait RefusesInput
{
    /**
     * @param array<string, mixed> $input
     * @param array<string, scalar> $allowed what is told to be allowed; any where the case names none
     */
    #[DataProvider('impossible')]
    public function testWhatCannotBeIsRefusedWhereItStands(
        string $name, array $input, string $reason, string $at, array $allowed = [],
    ): void {
        try {
            Catalogue::complete()->calculate($name, $input);
            self::fail('It was taken.');
        } catch (BadInput $refused) {
            self::assertSame([$reason, $at], [$refused->reason, $refused->at]);
            self::assertSame([] === $allowed ? $refused->allowed : $allowed, $refused->allowed);
        }
    }
}
