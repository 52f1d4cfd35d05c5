<?php

declare(strict_types=1);

namespace App\Screen;

use App\Record\Run;
use App\Support\Units\Formatter;
use App\Support\Wording\DateExtension;
use App\Support\Wording\WordsExtension;
use App\Work\LookPair;
use Jurvex\Core\Compare\Fate;
use Jurvex\Core\Compare\FateOf;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Says what became of what was found between two looks. */
final readonly class CompareTexts
{
    /** Zeros nearer than this are the same. */
    private const SAME_ZERO_M = 0.02;

    public function __construct(
        private LineTexts $line, private Formatter $formatter, private DateExtension $dates, private WordsExtension $words,
        private TranslatorInterface $translator, private ClearedTexts $cleared,
    ) {
    }

    public function of(LookPair $pair, UnitSystem $units): CompareText
    {
        $fates = $pair->isLaid() ? $pair->comparison->fates : [];
        usort($fates, static fn (FateOf $one, FateOf $other) => self::at($pair, $one) <=> self::at($pair, $other));

        return new CompareText(
            $pair, $this->look($pair->before->run), $this->look($pair->after->run), $this->fit($pair, $units), $this->counted($pair),
            $pair->isLaid() ? $this->cleared->result($pair, $units) : '',
            array_map(fn (FateOf $each) => $this->fate($pair, $each, $units), $fates),
        );
    }

    /** A look by its day, opening and way. */
    public function look(Run $run): string
    {
        return $this->dates->when($run->startedAt, 'dMMMyHm', $run->job->firm->timeZone).', '
            .WordsExtension::lowered($this->line->from($run));
    }

    private static function at(LookPair $pair, FateOf $each): float
    {
        return $each->after?->from->metres ?? (null === $each->before ? 0.0 : $pair->comparison->fit->carried($each->before->from->metres));
    }

    private function fit(LookPair $pair, UnitSystem $units): string
    {
        $fit = $pair->comparison->fit;
        if ([] === $fit->pairs) {
            return $this->translator->trans(
                'compare.fit_'.match (true) {
                    $pair->isByMap => 'map',
                    $pair->isTurned => 'impossible',
                    default => 0.0 === $fit->shift ? 'none' : 'zero',
                },
            );
        }
        $longer = round(100 * ($fit->stretch - 1), 1);

        return implode(' ', [
            $this->translator->trans('compare.fit', [
                'count' => \count($fit->pairs), '%rms%' => $this->formatter->small(1000 * $fit->rms(), $units),
            ]),
            $this->translator->trans('compare.'.self::shift($pair), ['%shift%' => $this->formatter->distance(abs($fit->shift), $units)]),
            0.0 === $longer ? '' : $this->translator->trans($longer > 0 ? 'compare.longer' : 'compare.shorter', [
                '%percent%' => (string) abs($longer),
            ]),
        ]);
    }

    private static function shift(LookPair $pair): string
    {
        $shift = $pair->comparison->fit->shift;

        return match (true) {
            $pair->isTurned => 'turned',
            abs($shift) < self::SAME_ZERO_M => 'shift_none',
            default => $shift > 0 ? 'shift_more' : 'shift_less',
        };
    }

    private function counted(LookPair $pair): string
    {
        $counts = [];
        foreach ($pair->isLaid() ? Fate::cases() : [] as $fate) {
            if ($pair->count($fate) > 0) {
                $counts[] = $this->translator->trans('fate_count.'.$fate->value, ['count' => $pair->count($fate)]);
            }
        }

        return implode(', ', $counts);
    }

    private function fate(LookPair $pair, FateOf $each, UnitSystem $units): FateText
    {
        [$before, $after] = [$pair->before($each), $pair->after($each)];
        $shown = $after ?? $before;
        \assert(null !== $shown);
        $what = $this->words->words($shown->kind, 'kind').', '.$this->line->withIn(
            $pair, null === $after ? $pair->before->run : $pair->after->run, $shown->from->metres, $units,
        );
        $said = $this->translator->trans('compare.is_'.$this->case($pair, $each), [
            '%before%' => $this->size($before, $units), '%after%' => $this->size($after, $units),
        ]);

        return new FateText($before?->id, $after?->id, $each->fate, $what, $said);
    }

    /** Which sentence holds. */
    private function case(LookPair $pair, FateOf $each): string
    {
        return match (true) {
            null === $each->before => Fate::Uncovered === $each->fate && $pair->wasUnseen($each) ? 'unseen_before' : $each->fate->value,
            null === $each->after => $each->fate->value.(null === $each->before->size ? '' : '_sized'),
            Fate::Same !== $each->fate => $each->fate->value,
            null === $each->before->size && null === $each->after->size => 'there',
            null === $each->before->size || null === $each->after->size => 'one_sized',
            $each->before->size->unit !== $each->after->size->unit => 'other_unit',
            default => 'same',
        };
    }

    private function size(?Finding $finding, UnitSystem $units): string
    {
        return null === $finding?->size ? '' : $this->formatter->size($finding->size, $units);
    }
}
