<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Screen\FindingTexts;
use App\Support\Units\Formatter;
use App\Support\Wording\WordsExtension;
use App\Work\JudgedRun;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Judge\Judgement;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Run\Travel;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Puts a report into its reader's words. */
final readonly class ReportPages
{
    /** So many of the worst stand on the first page. */
    private const SENTENCES = 3;

    public function __construct(
        private FindingTexts $texts, private WordsExtension $words, private Formatter $formatter, private TranslatorInterface $translator,
    ) {
    }

    /** @param array<string, string> $photos addresses by finding */
    public function of(Report $report, array $photos, ?string $pdf, bool $isSignedIn, string $assets = ''): ReportPage
    {
        $looks = [];
        foreach ($report->runs as $line) {
            $looks[] = new ReportLook(
                $line, $report->ribbons[$line->run->id], !\in_array($line, $report->current, true),
                array_map(fn (Finding $finding) => $this->finding($finding, $line, $report, $photos), $line->record->findings),
            );
        }

        $sentences = array_map(fn (Notable $row) => $this->sentence($row, $report), \array_slice($report->notable, 0, self::SENTENCES));

        return new ReportPage($report, $looks, $sentences, \count($report->notable) - \count($sentences), $pdf, $isSignedIn, $assets);
    }

    private function sentence(Notable $row, Report $report): string
    {
        return $this->translator->trans('report.sentence', [
            '%kind%' => $this->words->words($row->finding->kind, 'kind'),
            '%at%' => $this->formatter->distance($row->finding->from->metres, $report->units),
            '%means%' => $this->words->words($row->judgement->counts(), 'need_means'),
        ]);
    }

    /** @param array<string, string> $photos */
    private function finding(Finding $finding, JudgedRun $line, Report $report, array $photos): ReportFinding
    {
        $judged = $line->judgements[$finding->id];
        $text = $this->texts->of($finding, $judged, $report->units, Travel::Upstream === $line->run->details()->travel);
        $photo = $photos[$finding->id] ?? null;

        return new ReportFinding(
            $text, $this->ruling($judged, $text->rule, $text->remedy), Kind::SoundJoint === $finding->kind, $photo,
            null === $photo ? '' : $this->translator->trans('report.photo', [
                '%kind%' => $text->kind, '%at%' => $this->formatter->distance($finding->from->metres, $report->units),
            ]),
        );
    }

    private function ruling(Judgement $judged, string $rule, string $remedy): string
    {
        $said = [$rule.(null === $judged->school ? '' : ' ('.$this->words->words($judged->school, 'school').')'), $remedy];
        if (null !== $judged->override) {
            $said[] = $this->translator->trans('report.own', [
                '%need%' => $this->need($judged->override->need), '%reason%' => $judged->override->reason,
            ]);
        }
        if (null !== $judged->school && null !== $judged->otherSchool && $judged->otherSchool->need !== $judged->need) {
            $said[] = $this->translator->trans('report.other', [
                '%school%' => $this->words->words($judged->school->other(), 'school'), '%need%' => $this->need($judged->otherSchool->need),
            ]);
        }

        return implode(' ', array_filter($said, static fn (string $part) => '' !== $part));
    }

    private function need(?Need $need): string
    {
        return mb_strtolower($this->words->words($need, 'need'));
    }
}
