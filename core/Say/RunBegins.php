<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Run\Travel;

/** Reads how a run begins: what the camera goes in through, which way, and where its zero is. */
final class RunBegins
{
    /** What it goes in through is named within so many words of "in through". */
    private const WITHIN = 6;
    /** One that is to come is told so many words behind. */
    private const LATER_WORDS = 5;
    private const OPENINGS = ['roof_vent', 'pulled_toilet', 'yard_trap', 'floor_drain', 'chamber', 'cleanout'];
    private const ZEROS = ['rim', 'foot', 'outside_wall'];

    /** Whether another one begins, and is not to come: "I'll have to come at it from the other side". */
    public static function isNow(Sentence $sentence): bool
    {
        // "there's another drain coming in": that is what ties in.
        $isNow = static fn (int $word) => !$sentence->isAfter('later', $word, self::LATER_WORDS) && !$sentence->named->holds($word);

        return [] !== array_filter(array_keys($sentence->marks('run')), $isNow);
    }

    /**
     * @param list<Sentence> $sentences of the run
     * @param bool $isFirst of those that were talked through: it begins whether that is said or not
     *
     * @return list<OfRun> a begin and a zero at most
     */
    public static function read(array $sentences, int $run, bool $isFirst): array
    {
        $begin = $zero = null;
        foreach ($sentences as $sentence) {
            if ($sentence->has('question') || $sentence->isAsked() || $sentence->has('will')) {
                continue;
            }
            $zero ??= self::zero($sentence, $run);
            $said = self::begin($sentence, $run);
            $begin = null === $begin || null === $said ? $begin ?? $said : self::both($begin, $said);
        }
        $isTold = null !== $begin && ('' !== $begin->value || null !== $begin->travel);

        return array_values(array_filter([$isFirst && !$isTold ? null : $begin, $zero]));
    }

    /** @return string what kind of opening is named; empty where none is */
    public static function opening(string $words, Lexicon $lexicon): string
    {
        $marks = Reading::of(Speech::written($words, $lexicon), $lexicon)->marks;
        foreach (self::OPENINGS as $opening) {
            if ([] !== ($marks['opening_'.$opening] ?? [])) {
                return $opening;
            }
        }

        return '';
    }

    private static function begin(Sentence $sentence, int $run): ?OfRun
    {
        $firsts = array_keys($sentence->marks('run') + $sentence->marks('went_in'));
        if ([] === $firsts) {
            return null;
        }
        $through = self::through($sentence);
        $travel = match (true) {
            $sentence->has('goes_up') => Travel::Upstream,
            $sentence->has('goes_down') => Travel::Downstream,
            default => null,
        };
        $isOther = $sentence->has('other_opening');

        return new OfRun(
            OfRun::BEGIN, $through, $sentence->atS(min($firsts)), $sentence->said(), run: $run, travel: $travel, isOther: $isOther,
        );
    }

    private static function through(Sentence $sentence): string
    {
        foreach ($sentence->marks('went_in') + $sentence->marks('run') as $end) {
            foreach (self::OPENINGS as $opening) {
                foreach ($sentence->marks('opening_'.$opening) as $first => $last) {
                    if ($last >= $end && $first - $end <= self::WITHIN) {
                        return $opening;
                    }
                }
            }
        }

        return '';
    }

    private static function zero(Sentence $sentence, int $run): ?OfRun
    {
        foreach ($sentence->marks('zeroed') as $first => $end) {
            foreach (self::ZEROS as $zero) {
                if ($sentence->has('zero_'.$zero, $end)) {
                    return new OfRun(OfRun::ZERO, $zero, $sentence->atS($first), $sentence->said(), run: $run);
                }
            }
        }

        return null;
    }

    /** "next line. we are in the roof vent now. going downstream": said in pieces. */
    private static function both(OfRun $begin, OfRun $more): OfRun
    {
        $through = '' === $begin->value ? $more->value : $begin->value;

        return new OfRun(
            OfRun::BEGIN, $through, $begin->atS, $begin->said.' … '.$more->said, run: $begin->run,
            travel: $begin->travel ?? $more->travel, isOther: $begin->isOther || $more->isOther,
        );
    }
}
