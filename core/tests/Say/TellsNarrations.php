<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Calc\SayCalculation;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Say\Entry;

/**
 * @phpstan-import-type Plain from Entry
 *
 * @phpstan-type Narrated array{
 *     in: array{text?: string, cues?: list<array{from_s: float, to_s: float, text: string}>, units: string},
 *     out: array{entries: list<Plain>},
 * }
 */
trait TellsNarrations
{
    /** @return list<Narrated> */
    private static function cases(string $file): array
    {
        $path = __DIR__.'/../fixtures/'.$file;

        /** @var array{cases: list<Narrated>} $file */
        $file = str_ends_with($path, '.php')
            ? require $path : json_decode((string) file_get_contents($path), true, 64, \JSON_THROW_ON_ERROR);

        return $file['cases'];
    }

    /**
     * @param array<string, mixed> $in
     *
     * @return list<Plain>
     */
    private static function read(array $in): array
    {
        return (new SayCalculation())->calculate(new Input($in))['entries'];
    }
}
