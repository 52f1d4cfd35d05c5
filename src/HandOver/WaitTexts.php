<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Screen\HistoryTexts;
use App\Screen\LineTexts;
use App\Support\Wording\WordsExtension;
use App\Work\PlaceHistory;
use Jurvex\Core\Judge\Need;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Says what happens if nothing is done now: of each kind of trouble once, and when what grows will be at its limit. */
final readonly class WaitTexts
{
    private const MOST = 3;

    public function __construct(
        private HistoryTexts $histories, private LineTexts $line, private WordsExtension $words, private TranslatorInterface $translator,
    ) {
    }

    /** @return list<string> */
    public function of(Report $report): array
    {
        if (null === $report->verdict()) {
            return [];
        }
        $said = [];
        foreach ($report->notable as $each) {
            if (($each->judgement->counts()?->level() ?? Need::Leave->level()) >= Need::Watch->level()) {
                $family = $each->finding->kind->family()->value;
                $said[$family] ??= $this->translator->trans('wait.'.$family);
            }
        }
        $said = [...\array_slice(array_values($said), 0, self::MOST), ...$this->growing($report)];
        if (Need::Now === $report->worstNeed()) {
            array_unshift($said, $this->translator->trans('wait.now'));
        }
        if (!$report->record->isWhollySeen()) {
            $said[] = $this->translator->trans('wait.unseen');
        }

        return [] === $said ? [$this->translator->trans('wait.nothing')] : $said;
    }

    /** @return list<string> the soonest first */
    private function growing(Report $report): array
    {
        $growing = array_filter(
            $report->histories, static fn (PlaceHistory $each) => null !== $each->reaches() && !$each->isOverTheLimit(),
        );
        usort($growing, static fn (PlaceHistory $one, PlaceHistory $other) => $one->reaches() <=> $other->reaches());

        return array_map(fn (PlaceHistory $each) => $this->translator->trans('wait.grows', [
            '%what%' => $this->words->words($each->finding->finding->kind, 'kind'),
            '%at%' => $this->line->place($each->finding, $report->record, $report->units),
        ]).' '.$this->histories->growth($each), \array_slice($growing, 0, self::MOST));
    }
}
