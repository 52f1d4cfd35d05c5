<?php

declare(strict_types=1);

namespace App\Screen;

use App\Record\Mark;
use App\Record\MarkDetails;
use App\Support\Units\Formatter;
use App\Support\Wording\WordsExtension;
use App\Work\MarkedFall;
use App\Work\MarkedGround;
use App\Work\MarkedPiece;
use App\Work\MarkOnSite;
use App\Work\MarksApart;
use Jurvex\Core\Mark\DepthDoubt;
use Jurvex\Core\Measure\Grade;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Site\TapedTo;
use Jurvex\Core\Site\Unplaced;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Puts marks into words: whether anybody may dig by them, where they are, what they say together. */
final readonly class MarkTexts
{
    /** A place less sure than this is not worth a hole. */
    private const FLAT_M = 0.5;
    /** Ground that was measured twice may differ by so much. */
    private const DISAGREES_M = 0.02;

    public function __construct(
        private Formatter $formatter, private TranslatorInterface $translator, private WordsExtension $words, private LineTexts $line,
    ) {
    }

    public function ground(MarkedGround $ground, UnitSystem $units): MarkedGroundText
    {
        $odd = $ground->odd();
        $lines = array_merge(...array_map(fn (MarkedPiece $piece) => $this->piece($piece, $units), $ground->pieces), ...[[]]);
        $falls = array_map(fn (MarkedFall $fall) => $this->fall($fall, $units), $ground->falls);
        $off = $ground->levelling->disagreement();
        if ($off > self::DISAGREES_M) {
            $falls[] = $this->said('heights_differ', $units, ['%off%' => $off]);
        }

        return new MarkedGroundText(
            array_map(
                fn (MarkOnSite $mark) => $this->mark($mark, \in_array($mark->mark->id, $odd, true), !$ground->plan->isBlank(), $units),
                $ground->marks,
            ),
            $lines, $falls,
        );
    }

    /** What its readings show, before it is kept. */
    public function checked(Mark $mark, UnitSystem $units): string
    {
        return $this->depth($mark, $units).' · '.$this->told($mark, $units);
    }

    private function depth(Mark $mark, UnitSystem $units): string
    {
        // One reading spreads nothing.
        $key = 1 === \count($mark->details()->depthsM) ? 'depth_once' : 'depth';

        return $this->said($key, $units, [
            '%depth%' => $mark->depth()->median()->metres, '%spread%' => $mark->depth()->spread()->metres,
        ]);
    }

    /** @param bool $hasPlan whether anything that stays is drawn: without it nobody asks for a place on it */
    private function mark(MarkOnSite $on, bool $isOdd, bool $hasPlan, UnitSystem $units): MarkText
    {
        $mark = $on->mark;
        $details = $mark->details();
        $taped = array_map(
            fn (TapedTo $tie) => $this->said('tie', $units, ['%taped%' => $tie->taped->metres, '%from%' => $tie->name]), $details->taped(),
        );

        return new MarkText(
            $mark->id, $on->label, $this->line->on($mark->run, $on->along(), $units),
            $this->depth($mark, $units),
            $this->told($mark, $units), $this->painted($details), implode(', ', $taped), $hasPlan ? $this->placed($on, $units) : '',
            $details->note,
            $mark->isGoodEnoughToDig(), $isOdd,
        );
    }

    private function told(Mark $mark, UnitSystem $units): string
    {
        $limit = $this->formatter->distance($mark->depth()->limit()->metres, $units);
        $why = array_map(
            fn (DepthDoubt $spoiled) => $this->translator->trans('mark.why.'.$spoiled->value, ['%limit%' => $limit]), $mark->spoiledBy(),
        );

        $open = null === $mark->details()->overHead ? '; '.$this->translator->trans('mark.over_head_not_said') : '';

        return [] === $why
            ? $this->translator->trans('mark.good').$open
            : $this->translator->trans('mark.poor', ['%why%' => implode(', ', $why)]);
    }

    private function painted(MarkDetails $details): string
    {
        $colour = null === $details->colour ? '' : ' '.mb_strtolower($this->words->words($details->colour, 'paint_colour'));
        $signal = null === $details->signal ? '' : '; '.$this->words->words($details->signal, 'signal_told');

        $ground = null === $details->ground
            ? $this->translator->trans('mark.ground_not_said') : mb_strtolower($this->words->words($details->ground, 'ground'));

        return $this->words->words($details->paint, 'paint').$colour.', '.$ground.$signal;
    }

    private function placed(MarkOnSite $on, UnitSystem $units): string
    {
        $placing = $on->placing;
        $tied = $placing->tied;
        $ties = $on->mark->details()->taped();
        $names = ['%one%' => $ties[0]->name ?? '', '%other%' => $ties[1]->name ?? '', '%missing%' => $placing->missing];
        if (null === $tied) {
            return Unplaced::NotTaped === $placing->why ? '' : $this->said('unplaced.'.($placing->why->value ?? ''), $units, $names);
        }
        $code = match (true) {
            !$tied->agrees() => 'tapes_differ',
            null === $tied->error => 'in_line',
            $tied->error > self::FLAT_M => 'flat',
            default => 'placed',
        };

        return $this->said($code, $units, [
            ...$names, '%error%' => $tied->error ?? 0.0, '%off%' => max([0.0, ...$tied->residuals]), '%third%' => $ties[2]->name ?? '',
        ]);
    }

    /** @return list<string> */
    private function piece(MarkedPiece $piece, UnitSystem $units): array
    {
        $check = $piece->check;
        $labels = array_map(static fn (MarkOnSite $mark) => $mark->label, $piece->marks);
        $apart = array_map(fn (MarksApart $each) => $this->said('apart', $units, [
            '%one%' => $each->one->label, '%other%' => $each->other->label, '%along%' => $each->along, '%ground%' => $each->ground,
        ]), $piece->apart());
        $code = match (true) {
            2 === \count($labels) => $check->holds() ? 'two_hold' : 'two_differ',
            $check->holds() => 'line_holds',
            null !== $piece->odd() => 'line_odd',
            default => 'line_differs',
        };
        $odd = $piece->odd();

        return [
            $this->said($code, $units, [
                '%marks%' => implode(', ', $labels), '%off%' => max($check->residuals), '%odd%' => $odd->label ?? '',
                '%at%' => null === $odd ? '' : $this->line->on($odd->mark->run, $odd->along(), $units),
            ]),
            ...$apart,
        ];
    }

    private function fall(MarkedFall $each, UnitSystem $units): string
    {
        $grade = fn (?float $percent) => null === $percent ? '' : $this->formatter->fall(Grade::percent(abs($percent)), $units);
        $said = [$this->translator->trans('mark.fall.'.$each->verdict(), [
            '%from%' => $this->formatter->distance($each->near()->along(), $units),
            '%to%' => $this->formatter->distance($each->far()->along(), $units),
            '%fall%' => $grade($each->fall->fall), '%minimum%' => $grade($each->minimum->inPercent()),
            '%error%' => $grade(($each->fall->most ?? 0.0) - ($each->fall->fall ?? 0.0)),
        ])];
        if (null !== $each->crest) {
            $said[] = $this->said('crest', $units, ['%point%' => $each->crest->point, '%over%' => $each->crest->over]);
        }
        if (null !== $each->explains) {
            $water = $each->explains;
            $said[] = $this->translator->trans($each->isEquallyDeep() ? 'mark.explains_equal' : 'mark.explains', [
                '%what%' => mb_strtolower($this->words->words($water->kind, 'kind')),
                '%from%' => $this->formatter->bareDistance($water->from->metres, $units),
                '%to%' => $this->formatter->distance($water->end()->metres, $units),
            ]);
        }

        return implode(' ', $said);
    }

    /** @param array<string, string|float> $values numbers are metres */
    private function said(string $code, UnitSystem $units, array $values): string
    {
        return $this->translator->trans('mark.'.$code, array_map(
            fn (string|float $value) => \is_float($value) ? $this->formatter->distance($value, $units) : $value, $values,
        ));
    }
}
