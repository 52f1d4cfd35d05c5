<?php

declare(strict_types=1);

namespace App\Mend;

use App\Record\Mark;
use App\Screen\LineTexts;
use App\Screen\RepairNames;
use App\Support\Units\Formatter;
use App\Support\Wording\WordsExtension;
use App\Work\CrossingAt;
use App\Work\DigSheet;
use App\Work\LineRepair;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Site\TapedTo;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Puts dig sheets into the crew's words. */
final readonly class DigTexts
{
    public function __construct(
        private Formatter $formatter, private TranslatorInterface $translator, private WordsExtension $words, private LineTexts $line,
        private RepairNames $names,
    ) {
    }

    public function of(DigSheet $sheet, UnitSystem $units): DigText
    {
        $work = $sheet->work->work;
        $distance = fn (float $metres) => $this->formatter->distance($metres, $units);
        $facts = [
            'what' => implode(', ', array_map(fn (LineRepair $each) => $this->names->repair($each, $units), $sheet->repairs)),
            'where' => $this->said('where_is', [
                '%from%' => $distance($work->from), '%to%' => $distance($work->to),
                '%line%' => WordsExtension::lowered($this->line->from($sheet->plan->run)),
            ]),
            'depth' => $this->depth($sheet, $units),
            'hole' => $this->said('hole_size', [
                '%length%' => $distance($sheet->trench->length), '%width%' => $distance($sheet->trench->width),
                '%depth%' => $distance(round($sheet->trench->depth, 2)),
            ]),
            'spoil' => $this->said('spoil_of', ['%volume%' => $this->formatter->bulk($sheet->trench->spoil(), $units)]),
            'support' => $this->said($sheet->trench->needsSupport ? 'support_yes' : 'support_no', []),
            'ground' => implode(', ', array_map(
                fn (string $code) => mb_strtolower($this->words->words($code, 'ground')), $sheet->work->surfaces,
            )),
            'owner' => $this->said($sheet->isOnOthersGround() ? 'owner_neighbour' : 'owner_not_said', []),
            'crosses' => [] === $sheet->crosses ? $this->said('crosses_none', [])
                : implode(', ', array_map(fn (CrossingAt $each) => $this->crossing($each, $units), $sheet->crosses)),
            'roots' => $this->roots($sheet),
        ];

        return new DigText(
            $sheet, $this->said('title.'.$work->method->value, ['%number%' => $sheet->label]),
            array_filter($facts, static fn (string $said) => '' !== $said), $this->ends($sheet, $units),
            array_map(fn (Mark $mark) => $this->mark($mark, $units), $sheet->marks), $this->cautions($sheet, $units),
        );
    }

    private function depth(DigSheet $sheet, UnitSystem $units): string
    {
        return null === $sheet->depth ? $this->said('depth_not_located', []) : $this->said('depth_of', [
            '%depth%' => $this->formatter->distance(round($sheet->depth, 2), $units),
            '%error%' => $this->formatter->distance(round($sheet->depthError, 2), $units),
        ]);
    }

    private function crossing(CrossingAt $each, UnitSystem $units): string
    {
        $clock = null === $each->clock ? '' : $this->said('crossing_clock', ['%clock%' => $this->formatter->clock($each->clock)]);

        return $this->said('crossing', [
            '%at%' => $this->formatter->distance($each->at, $units),
            '%from%' => '' === $each->name ? $this->said('crossing_unknown', []) : $each->name, '%clock%' => $clock,
        ]);
    }

    /** From which side they came, as the camera saw it. */
    private function roots(DigSheet $sheet): string
    {
        $sides = [];
        foreach ($sheet->repairs as $repair) {
            foreach ($repair->findings as $each) {
                $isRoots = Family::Roots === $each->finding->kind->family() && null !== $each->finding->clockFrom;
                if ($isRoots && $each->line->run->details()->travel === $sheet->plan->run->details()->travel) {
                    $sides[] = $this->side($each->finding);
                }
            }
        }

        return [] === $sides ? '' : $this->said('roots_from', ['%clock%' => implode(', ', array_unique($sides))]);
    }

    private function side(Finding $finding): string
    {
        $from = $this->formatter->clock($finding->clockFrom->hours ?? 12.0);

        return null === $finding->clockTo ? $from : $from.'–'.$this->formatter->clock($finding->clockTo->hours);
    }

    /** @return list<string> */
    private function ends(DigSheet $sheet, UnitSystem $units): array
    {
        $ends = [];
        foreach (['start' => $sheet->startTies, 'end' => $sheet->endTies] as $end => $ties) {
            if (\count($ties) > 1) {
                $ends[] = $this->said('from_ties_'.$end, ['%ties%' => $this->taped($ties, $units)]);
            }
        }

        return [] === $ends ? [$this->said('no_ties', [])] : $ends;
    }

    private function mark(Mark $mark, UnitSystem $units): string
    {
        $taped = $this->taped($mark->details()->taped(), $units);

        return $this->said('mark', [
            '%letter%' => $mark->details()->letter, '%at%' => $this->formatter->distance($mark->details()->atM ?? 0.0, $units),
            '%depth%' => $this->formatter->distance($mark->depth()->median()->metres, $units),
            '%paint%' => mb_strtolower($this->words->words($mark->details()->paint, 'paint')),
        ]).('' === $taped ? '' : ' '.$taped.'.');
    }

    /** @param list<TapedTo> $ties */
    private function taped(array $ties, UnitSystem $units): string
    {
        return implode(', ', array_map(fn (TapedTo $tie) => $this->translator->trans(
            'mark.tie', ['%taped%' => $this->formatter->distance(round($tie->taped->metres, 2), $units), '%from%' => $tie->name],
        ), $ties));
    }

    /** @return list<string> */
    private function cautions(DigSheet $sheet, UnitSystem $units): array
    {
        $poor = array_map(fn (Mark $mark) => $this->formatter->distance($mark->details()->atM ?? 0.0, $units), $sheet->poorMarks());

        return [] === $poor ? [] : [$this->said('poor', ['%at%' => implode(', ', $poor)])];
    }

    /** @param array<string, string> $values */
    private function said(string $code, array $values): string
    {
        return $this->translator->trans('dig.'.$code, $values);
    }
}
