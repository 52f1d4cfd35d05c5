<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Calc\SayCalculation;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Say\Entry;
use Jurvex\Core\Tests\Lines;

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
     * Seven words to a cue, as a recording is transcribed.
     *
     * @param float $each from one cue's beginning to the next one's, in seconds
     *
     * @return list<array{from_s: float, to_s: float, text: string}>
     */
    private static function cues(string $said, float $each = 3.0): array
    {
        $words = array_chunk(explode(' ', $said), 7);

        return array_map(
            static fn (int $i, array $some) => ['from_s' => $each * $i, 'to_s' => $each * $i + 3.0, 'text' => implode(' ', $some)],
            array_keys($words), $words,
        );
    }

    /** @return list<array{string, list<list<string>>}> kinds of what is there, with the lists of the parts that each is called by */
    private static function things(): array
    {
        $lists = static fn (string $lists) => array_map(static fn (string $list) => explode('|', $list), explode(' ; ', $lists));
        $things = array_map(static fn (string $line) => explode(': ', $line, 2), Lines::of('parts.txt'));

        return array_map(static fn (array $thing) => [$thing[0], $lists($thing[1] ?? '')], $things);
    }

    /** "the pipe" and "'s bellied" */
    private static function joined(string $said, string $part): string
    {
        return trim($said.(str_starts_with($part, "'") ? '' : ' ').$part);
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
