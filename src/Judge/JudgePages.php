<?php

declare(strict_types=1);

namespace App\Judge;

use App\Record\Job;
use App\Record\SecondOpinionRepository;
use App\Screen\FindingTexts;
use App\Screen\LineTexts;
use App\Screen\MendTexts;
use App\Screen\OutsideTexts;
use App\Screen\StretchTexts;
use App\Support\Wording\WordsExtension;
use App\Work\Doubt;
use App\Work\JudgedRun;
use App\Work\LineFinding;
use App\Work\LineRecord;
use App\Work\MendPlan;
use App\Work\MendPlans;
use Jurvex\Core\Judge\Judgement;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Puts the Judge screen together. */
final readonly class JudgePages
{
    /** Nobody reads more at once; the rest is a tap away. */
    private const AT_ONCE = 30;

    public function __construct(
        private FindingTexts $texts, private LineTexts $line, private WordsExtension $words, private TranslatorInterface $translator,
        private StretchTexts $stretches, private OutsideTexts $outside, private MendPlans $mends, private MendTexts $mendTexts,
        private SecondOpinionRepository $seconds,
    ) {
    }

    /**
     * The line of a property from all its looks; none where nobody has looked.
     *
     * @param string $opened the finding that is open; empty for none
     * @param bool $all whether every finding is shown, and not only the worst
     */
    public function ofLine(
        LineRecord $record, Job $job, UnitSystem $units, string $opened, bool $all, ?RefusedOpinion $refused = null,
    ): ?JudgePage {
        $verdict = $record->verdict;
        if (null === $verdict) {
            return null;
        }
        $ranked = $record->ranked();
        $findings = [];
        foreach ($ranked as $place => $each) {
            if ($all || $place < self::AT_ONCE || $each->finding->id === $opened) {
                $findings[] = new JudgedFinding(
                    $this->line->of($each, $units), $this->line->place($each, $record, $units), $this->line->beside($each),
                    null !== $each->judgement->override, self::isUnsure($each->judgement),
                    $this->because($each->judgement, $units, $this->line->sightings($each, $units)),
                );
            }
        }

        return new JudgePage(
            $verdict, null, $this->line->portions($record, $units), [], self::schools($job), $findings, \count($ranked) - \count($findings),
            array_map(fn (LineFinding $each) => $this->line->gone($each, $record, $units), $record->gone),
            array_map(fn (Doubt $doubt) => $this->line->doubt($doubt, $units), $record->doubts()), $job->poorOpenings(),
            $this->outside->all($job, $units),
            array_map(fn (MendPlan $plan) => $this->mendTexts->of($plan, $job, $units), $this->mends->of($job, $record)),
            $this->seconds->ofJob($job), $opened, $refused,
        );
    }

    /** One run alone. */
    public function ofRun(JudgedRun $line, UnitSystem $units, string $opened, bool $all, ?RefusedOpinion $refused = null): JudgePage
    {
        $ranked = $line->ranked();
        $findings = [];
        foreach ($ranked as $place => $finding) {
            if ($all || $place < self::AT_ONCE || $finding->id === $opened) {
                $judged = $line->judgements[$finding->id];
                $text = $this->texts->of($finding, $judged, $units);
                $findings[] = new JudgedFinding(
                    $text, $text->place, '', null !== $judged->override, self::isUnsure($judged), $this->because($judged, $units),
                );
            }
        }
        $job = $line->run->job;
        $verdict = $line->verdict();

        return new JudgePage(
            $verdict->whole(), $line, [], $this->stretches->of($verdict->stretches, $units), self::schools($job),
            $findings, \count($ranked) - \count($findings), [], [], $job->poorOpenings(), [], [],
            $this->seconds->ofJob($job), $opened, $refused,
        );
    }

    private static function isUnsure(Judgement $judged): bool
    {
        return $judged->lookAgain && null !== $judged->need;
    }

    /** @return list<Because> */
    private function because(Judgement $judged, UnitSystem $units, string $sightings = ''): array
    {
        $rule = $this->words->words($judged->rule, 'rule');
        $because = [
            $this->labelled('rule', null === $judged->need ? $rule : $rule.' → '.$this->need($judged->need)),
            $this->labelled('values', $this->texts->values($judged, $units)),
            $this->labelled('limits', $this->texts->limits($judged, $units)),
            $this->labelled('sightings', $sightings),
        ];
        if (null !== $judged->school) {
            $because[] = $this->labelled('school', $this->words->words($judged->school, 'school'));
            if (null !== $judged->otherSchool) {
                $because[] = new Because(
                    $this->translator->trans('judge.other', ['%school%' => $this->words->words($judged->school->other(), 'school')]),
                    $this->words->words($judged->otherSchool->need, 'need').'. '.$this->words->words($judged->otherSchool->rule, 'rule'),
                );
            }
        }
        $because[] = $this->labelled('change', $this->words->words(explode('.', $judged->rule)[0], 'change'));
        if (null !== $judged->override) {
            $because[] = $this->labelled('override', \sprintf(
                '%s: %s (%s)', $this->words->words($judged->override->need, 'need'), $judged->override->reason, $judged->override->by,
            ));
        }

        return array_values(array_filter($because, static fn (Because $each) => '' !== $each->text));
    }

    private function labelled(string $label, string $text): Because
    {
        return new Because($this->words->words($label, 'judge'), $text);
    }

    private function need(Need $need): string
    {
        return mb_strtolower($this->words->words($need, 'need'));
    }

    /** @return list<SchoolChoice> */
    private static function schools(Job $job): array
    {
        $firms = $job->firm->rules();

        return [
            new SchoolChoice('water', $firms->water, $job->outcome()->waterSchool()),
            new SchoolChoice('roots', $firms->roots, $job->outcome()->rootsSchool()),
        ];
    }
}
