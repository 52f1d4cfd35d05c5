<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Say\Alignment;
use Jurvex\Core\Say\Cue;
use Jurvex\Core\Say\EachOf;
use Jurvex\Core\Say\Joined;
use Jurvex\Core\Say\Lexicon;
use Jurvex\Core\Say\Materials;
use Jurvex\Core\Say\Measures;
use Jurvex\Core\Say\Mention;
use Jurvex\Core\Say\Mentions;
use Jurvex\Core\Say\Others;
use Jurvex\Core\Say\Place;
use Jurvex\Core\Say\Reading;
use Jurvex\Core\Say\Repeated;
use Jurvex\Core\Say\Sentence;
use Jurvex\Core\Say\Speech;
use Jurvex\Core\Say\StretchEnd;
use Jurvex\Core\Say\Ties;
use Jurvex\Core\Say\Truth;
use Jurvex\Core\Say\Vacancy;

/**
 * What is worked out on the way from words to entries, sentence by sentence: a rule may change there and decide nothing by chance,
 * since another one outweighs it in what was said.
 */
final class Workings
{
    private const LATEST_S = 86_400;
    private const LONGEST = 20_000;
    private const ANYTHING = [
        [Kind::RootCords, ''], [Kind::OpeningSeen, ''], [Kind::Tap, 'name'], [Kind::TieIn, 'name'], [Kind::CannotGoFurther, ''],
        [Kind::LowSpot, 'water'], [Kind::Bend, ''], [Kind::Crack, ''],
    ];
    /** A place that was said before, in metres. */
    private const CARRIED_M = 12.0;

    /** @return string a hash of those of what `say` is asked */
    public static function ofAsked(Input $asked): string
    {
        $lexicon = Lexicon::of($asked->has('language') ? $asked->text('language', 2) : Lexicon::USUAL);
        $cues = array_map(static fn (Input $cue) => new Cue(
            $cue->number('from_s', 0, self::LATEST_S), $cue->number('to_s', 0, self::LATEST_S), $cue->text('text', self::LONGEST),
        ), $asked->has('cues') ? $asked->objects('cues') : []);
        $speech = [] === $cues ? Speech::written($asked->text('text', self::LONGEST), $lexicon) : Speech::timed($cues, $lexicon);

        $units = $asked->has('units') ? $asked->choice('units', UnitSystem::class) : UnitSystem::Metric;

        return self::of(Reading::of($speech, $lexicon), $units);
    }

    /** @return string a hash of all of them */
    public static function of(Reading $reading, UnitSystem $units): string
    {
        $all = [$reading->marks, $reading->unread()];
        foreach ($reading->sentences() as $sentence) {
            foreach ([null, self::CARRIED_M] as $carriedM) {
                array_push($all, ...self::ofSentence($sentence, new Measures($sentence, $units, $carriedM), null !== $carriedM));
            }
        }

        return hash('crc32b', serialize($all));
    }

    /** @return list<mixed> */
    private static function ofSentence(Sentence $sentence, Measures $measures, bool $isCarried): array
    {
        $told = [$measures->places, $measures->depths, $measures->bores, $measures->hours];
        $mentions = (new Mentions($sentence, $measures, $isCarried, new Materials()))->all;
        $joined = Joined::places($sentence, $measures, $mentions);
        [$ties, $vacancy] = [new Ties($sentence), new Vacancy($sentence)];
        $costs = [self::ofAnything($sentence, $measures, $ties, $isCarried)];
        foreach ($mentions as $i => $mention) {
            $before = $mentions[$i - 1] ?? null;
            $costs[] = [$ties->nowhere($mention, $isCarried), null === $before ? null : $ties->together($before, $mention)];
            foreach ($measures->places as $place) {
                $costs[] = self::cost($ties, $mention, $place);
                $costs[] = null === $before ? null : $ties->same($mention, $before, $place);
            }
        }
        foreach ($measures->places as $place) {
            $costs[] = [$vacancy->cost($place, true), $vacancy->cost($place, false)];
            foreach (array_keys($sentence->marks('ends') + $sentence->marks('runs_to')) as $word) {
                $costs[] = StretchEnd::isSubject($sentence, $place, $word);
            }
        }
        $pending = $isCarried ? new Place(self::CARRIED_M, null, $sentence->first - 2, $sentence->first - 1) : null;

        return [
            $sentence->parts, $told, $measures->sizes, $mentions, $joined, $costs,
            StretchEnd::ofLow($sentence, $measures), StretchEnd::ofOther($sentence, $measures, $sentence->first, $sentence->last),
            StretchEnd::inOneBreath($sentence, $measures, $mentions),
            (new Alignment($sentence, $mentions, $joined, $pending, $isCarried))->places(),
            (new Others($sentence, $measures->places, $measures))->of($mentions, $mentions[0]->kind ?? null),
            (new EachOf($sentence, $measures->places))->all($mentions, $joined),
            (new Repeated($sentence, $measures->places))->listed($mentions, $joined),
        ];
    }

    /**
     * What would be found there, and how near to each place it would be, if anything else had been named in the place of what was.
     *
     * @return list<mixed>
     */
    private static function ofAnything(Sentence $sentence, Measures $measures, Ties $ties, bool $isCarried): array
    {
        $truth = new Truth($sentence, $measures, $isCarried);
        $all = [];
        foreach ($sentence->atoms as $atom) {
            foreach (self::ANYTHING as [$kind, $by]) {
                $mention = new Mention($kind, $atom->first, $atom->last, false, $by);
                $all[] = $truth->isThere($mention);
            }
            $mention = new Mention(Kind::RootCords, $atom->first, $atom->last);
            foreach ($measures->places as $place) {
                $all[] = self::cost($ties, $mention, $place);
            }
        }

        return $all;
    }

    private static function cost(Ties $ties, Mention $mention, Place $place): int
    {
        return $place->first > $mention->first ? $ties->behind($mention, $place) : $ties->before($mention, $place);
    }
}
