<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Screen\HistoryTexts;
use Jurvex\Core\Judge\Need;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Says what happens if nothing is done now: of each kind of trouble once, and when what grows will be at its limit. */
final readonly class WaitTexts
{
    private const MOST = 3;

    public function __construct(private HistoryTexts $histories, private TranslatorInterface $translator)
    {
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
        $said = [
            ...\array_slice(array_values($said), 0, self::MOST),
            ...$this->histories->growing($report->histories, $report->record, $report->units),
        ];
        if (Need::Now === $report->worstNeed()) {
            array_unshift($said, $this->translator->trans('wait.now'));
        }
        if (!$report->record->isWhollySeen()) {
            $said[] = $this->translator->trans('wait.unseen');
        }

        return [] === $said ? [$this->translator->trans('wait.nothing')] : $said;
    }
}
