<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Input\BadInput;

/** Reads the timed text of a recording: WebVTT, SRT, or plain lines that begin with a time. */
final class TimedText
{
    private const MOST_CUES = 20_000;
    /** A line of plain text is said at the usual pace, in words a second. */
    private const WORDS_PER_S = 2.5;
    private const TIME = '(?:(\d{1,3}):)?(\d{1,2}):(\d{2})(?:[.,](\d{1,3}))?';
    private const NOT_SPOKEN = '/^(?:WEBVTT|NOTE|STYLE|REGION)\b/';

    /**
     * @return non-empty-list<Cue> in the order of time
     *
     * @throws BadInput where it is none of these, at the line that cannot be read
     */
    public static function read(string $text): array
    {
        $text = str_replace(["\r\n", "\r"], "\n", 1 === preg_match('/^\x{FEFF}/u', $text) ? substr($text, 3) : $text);
        $cues = str_contains($text, '-->') ? self::blocks($text) : self::lines($text);
        if ([] === $cues) {
            throw new BadInput('no_timed_text', 'line 1');
        }
        if (\count($cues) > self::MOST_CUES) {
            throw new BadInput('too_long', 'line 1');
        }
        usort($cues, static fn (Cue $one, Cue $other) => $one->fromS <=> $other->fromS);

        return self::withoutRepeats($cues);
    }

    /** @return list<Cue> of WebVTT and SRT: each begins with a line of two times; what none begins is parted by empty lines */
    private static function blocks(string $text): array
    {
        $cues = [];
        $line = 1;
        // Captions that roll begin with a line of one blank, which is of the cue; any other such line is as good as empty.
        $text = (string) preg_replace(['/(-->[^\n]*\n)[ \t]+\n(?=.)/', '/^[ \t]+$/m'], ["\$1<>\n", ''], $text);
        foreach (explode("\n\n", $text) as $block) {
            $lines = explode("\n", $block);
            $starts = array_keys(array_filter($lines, static fn (string $each) => str_contains($each, '-->')));
            $isEmpty = '' === trim($block) || 1 === preg_match(self::NOT_SPOKEN, trim($block));
            if ([] === $starts && !$isEmpty) {
                throw new BadInput('no_timed_text', 'line '.$line);
            }
            foreach ($starts as $i => $at) {
                $next = $starts[$i + 1] ?? null;
                // Some programs leave out the empty lines; the number of the next is then no word of this one.
                $isNumbered = null !== $next && ctype_digit(trim($lines[$next - 1])) && ctype_digit(trim($lines[$starts[0] - 1] ?? ''));
                $cues[] = self::block(\array_slice($lines, 0, null === $next ? null : $next - (int) $isNumbered), $at, $line + $at);
            }
            $line += \count($lines) + 1;
        }

        return array_values(array_filter($cues, static fn (Cue $cue) => '' !== $cue->text));
    }

    /** @param list<string> $lines */
    private static function block(array $lines, int $at, int $line): Cue
    {
        if (1 !== preg_match('/^\s*'.self::TIME.'\s*-->\s*'.self::TIME.'(?:\s.*)?$/', $lines[$at], $found, \PREG_UNMATCHED_AS_NULL)) {
            throw new BadInput('not_a_time', 'line '.$line);
        }
        $from = self::seconds(\array_slice($found, 1, 4));
        $to = self::seconds(\array_slice($found, 5, 4));
        if ($to < $from) {
            throw new BadInput('end_before_start', 'line '.$line);
        }
        $spoken = array_map(
            static fn (string $each) => trim(html_entity_decode((string) preg_replace('/<[^>]*>/', '', $each), \ENT_QUOTES | \ENT_HTML5)),
            \array_slice($lines, $at + 1),
        );

        return new Cue($from, $to, trim(implode("\n", array_filter($spoken, static fn (string $each) => '' !== $each))));
    }

    /** @return list<Cue> */
    private static function lines(string $text): array
    {
        /** @var list<array{float, string}> $told */
        $told = [];
        foreach (explode("\n", $text) as $i => $line) {
            if ('' === trim($line)) {
                continue;
            }
            if (1 !== preg_match('/^\s*[\[(]?'.self::TIME.'[\])]?[\s:–-]*(.*)$/u', $line, $found, \PREG_UNMATCHED_AS_NULL)) {
                if ([] === $told) {
                    throw new BadInput('no_timed_text', 'line '.($i + 1));
                }
                // A line without a time goes on with the one before.
                [$from, $words] = array_pop($told);
                $told[] = [$from, $words.' '.trim($line)];
                continue;
            }
            $told[] = [self::seconds(\array_slice($found, 1, 4)), trim((string) $found[5])];
        }
        $cues = [];
        foreach ($told as $i => [$from, $words]) {
            $end = $from + (1 + substr_count($words, ' ')) / self::WORDS_PER_S;
            $cues[] = new Cue($from, max($from, min($told[$i + 1][0] ?? $end, $end)), $words);
        }

        return array_values(array_filter($cues, static fn (Cue $cue) => '' !== $cue->text));
    }

    /** @param array<?string> $parts hours, minutes, seconds, part of a second */
    private static function seconds(array $parts): float
    {
        [$hours, $minutes, $seconds, $part] = $parts;

        return 3600 * (int) $hours + 60 * (int) $minutes + (int) $seconds + (null === $part ? 0.0 : (float) ('0.'.$part));
    }

    /**
     * Captions that roll say each line twice: once below and once above the next.
     *
     * @param non-empty-list<Cue> $cues
     *
     * @return non-empty-list<Cue>
     */
    private static function withoutRepeats(array $cues): array
    {
        $kept = [];
        $before = '';
        foreach ($cues as $cue) {
            $lines = explode("\n", $cue->text);
            $new = $lines[0] === $before ? \array_slice($lines, 1) : $lines;
            $before = $lines[\count($lines) - 1];
            if ([] !== $new) {
                $kept[] = new Cue($cue->fromS, $cue->toS, implode(' ', $new));
            }
        }

        return [] === $kept ? $cues : $kept;
    }
}
