<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Screen\AdviceTexts;
use App\Screen\CompareTexts;
use App\Screen\FindingText;
use App\Screen\FindingTexts;
use App\Screen\LineTexts;
use App\Screen\MarkTexts;
use App\Screen\MendTexts;
use App\Screen\OutsideText;
use App\Screen\OutsideTexts;
use App\Support\Wording\WordsExtension;
use App\Work\JudgedRun;
use App\Work\LineFinding;
use App\Work\LookPair;
use App\Work\MendPlan;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Judge\Judgement;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Judge\Remedy;
use Jurvex\Core\Run\Travel;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Puts a report into its reader's words. */
final readonly class ReportPages
{
    /** So many of the worst stand on the first page. */
    private const SENTENCES = 3;

    public function __construct(
        private FindingTexts $texts, private LineTexts $line, private WordsExtension $words, private TranslatorInterface $translator,
        private AdviceTexts $advice, private OutsideTexts $outside, private MarkTexts $marks,
        private MendTexts $mends, private CompareTexts $compares, private WaitTexts $waits,
    ) {
    }

    /** @param array<string, string> $photos addresses by finding */
    public function of(
        Report $report, array $photos, ?string $pdf, bool $isSignedIn, string $assets = '', ReportForm $form = new ReportForm(),
    ): ReportPage {
        $record = $report->record;
        $looks = array_map(fn (JudgedRun $line) => $this->look($line, $report), $report->runs);
        $texts = array_merge(...array_map(static fn (ReportLook $look) => array_column($look->findings, null, 'id'), $looks), ...[[]]);
        $outside = $this->outside->all($report->job, $report->units);
        $told = [...$report->notable, ...array_filter($outside, static fn (OutsideText $pipe) => Need::Leave !== $pipe->need)];
        $sentences = array_map(
            fn (LineFinding|OutsideText $each) => $each instanceof OutsideText ? $this->outside($each) : $this->sentence($each, $report),
            \array_slice($told, 0, self::SENTENCES),
        );

        return new ReportPage(
            $report, $this->line->portions($record, $report->units),
            array_map(
                fn (LineFinding $each) => $this->finding($each, $report, $photos, $texts),
                $form->isWorstFirst ? $record->ranked() : $record->told(),
            ),
            array_map(fn (LineFinding $each) => $this->line->gone($each, $record, $report->units), $record->gone),
            $looks, $sentences, \count($told) - \count($sentences), $report->job->poorOpenings(),
            $this->advice->findings($report->job, $report->units), $outside,
            null === $report->marked ? null : $this->marks->ground($report->marked, $report->units),
            array_map(fn (MendPlan $plan) => $this->mends->of($plan, $report->job, $report->units), $report->mends),
            $this->waits->of($report),
            array_map(fn (LookPair $pair) => $this->compares->of($pair, $report->units), $report->pairs), $photos,
            $pdf, $isSignedIn, $assets, $form,
        );
    }

    private function look(JudgedRun $line, Report $report): ReportLook
    {
        $isMirrored = Travel::Upstream === $line->run->details()->travel;

        return new ReportLook($line, $report->ribbons[$line->run->id], array_map(
            fn (Finding $finding) => $this->texts->of($finding, $line->judgements[$finding->id], $report->units, $isMirrored),
            $line->record->findings,
        ));
    }

    private function outside(OutsideText $pipe): string
    {
        return $this->translator->trans('report.sentence_outside', [
            '%place%' => WordsExtension::lowered($pipe->place), '%means%' => $this->words->words($pipe->need, 'need_means'),
        ]);
    }

    private function sentence(LineFinding $each, Report $report): string
    {
        if (Kind::CannotGoFurther === $each->finding->kind) {
            return $this->line->stopped($each, $report->record, $report->units);
        }
        $text = $this->line->of($each, $report->units);
        $beside = $this->line->beside($each);

        return $this->translator->trans('report.sentence', [
            '%kind%' => $text->name.('' === $beside ? '' : ' '.$this->translator->trans('line.with', ['%what%' => $beside])),
            '%at%' => $this->line->place($each, $report->record, $report->units),
            '%means%' => $this->means($each->judgement),
        ]);
    }

    private function means(Judgement $judgement): string
    {
        $waits = null === $judgement->counts() && Remedy::NoteBore === $judgement->remedy;

        return $this->words->words($waits ? Remedy::NoteBore : $judgement->counts(), 'need_means');
    }

    /**
     * @param array<string, string> $photos
     * @param array<string, FindingText> $texts of the job's own looks, by finding
     */
    private function finding(LineFinding $each, Report $report, array $photos, array $texts): ReportFinding
    {
        $isAsLogged = $each->judgement === $each->line->judgements[$each->finding->id];
        $text = ($isAsLogged ? $texts[$each->finding->id] ?? null : null) ?? $this->line->of($each, $report->units, true);
        $place = $this->line->place($each, $report->record, $report->units);
        $photo = null;
        foreach ($each->sightings as $seen) {
            $photo = $photos[$seen->finding->id] ?? $photo;
        }

        return new ReportFinding(
            $text, $place, $this->line->beside($each), $this->ruling($each->judgement, $text->rule, $text->remedy),
            $this->line->sightings($each, $report->units), $photo,
            null === $photo ? '' : $this->translator->trans('report.photo', ['%kind%' => $text->kind, '%at%' => $place]),
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
