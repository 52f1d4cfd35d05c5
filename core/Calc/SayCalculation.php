<?php

declare(strict_types=1);

namespace Jurvex\Core\Calc;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Say\Cue;
use Jurvex\Core\Say\Entry;
use Jurvex\Core\Say\Lexicon;
use Jurvex\Core\Say\Narration;
use Jurvex\Core\Say\Reading;
use Jurvex\Core\Say\Reel;
use Jurvex\Core\Say\Speech;

/**
 * What somebody says while looking, read as entries.
 *
 * @phpstan-import-type Plain from Entry
 */
final class SayCalculation implements Calculation
{
    private const LONGEST_CODE = 12;
    private const LONGEST_TEXT = 200_000;
    private const LATEST_S = 360_000;
    private const FARTHEST_M = 10_000;

    public function name(): string
    {
        return 'say';
    }

    /** @return array{entries: list<Plain>} */
    public function calculate(Input $input): array
    {
        $language = $input->has('language') ? $input->text('language', self::LONGEST_CODE) : Lexicon::USUAL;
        if (!\in_array($language, Lexicon::languages(), true)) {
            throw new BadInput('unknown_value', $input->at('language'));
        }
        $lexicon = Lexicon::of($language);
        $speech = $input->has('cues')
            ? Speech::timed(array_map(self::cue(...), $input->objects('cues')), $lexicon)
            : Speech::written($input->text('text', self::LONGEST_TEXT), $lexicon);
        $readings = array_map(static fn (Input $reading) => [
            $reading->number('at_s', 0, self::LATEST_S), $reading->number('distance_m', 0, self::FARTHEST_M),
        ], $input->has('readings') ? $input->objects('readings') : []);
        $units = $input->has('units') ? $input->choice('units', UnitSystem::class) : UnitSystem::Metric;
        $reel = new Reel($readings, $input->optionalNumber('at_m', 0, self::FARTHEST_M));

        $entries = Narration::read(Reading::of($speech, $lexicon), $units, $reel);

        return ['entries' => array_map(static fn (Entry $entry) => $entry->plain(), $entries)];
    }

    private static function cue(Input $given): Cue
    {
        $from = $given->number('from_s', 0, self::LATEST_S);
        $to = $given->number('to_s', 0, self::LATEST_S);

        return $to < $from
            ? throw new BadInput('end_before_start', $given->at('to_s')) : new Cue($from, $to, $given->text('text', self::LONGEST_TEXT));
    }
}
