<?php

declare(strict_types=1);

namespace App\Judge;

use App\Record\Job;
use App\Record\Opening;
use App\Screen\FindingTexts;
use App\Support\Wording\WordsExtension;
use App\Work\JudgedRun;
use Jurvex\Core\Judge\Judgement;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Puts the Judge screen of a run together. */
final readonly class JudgePages
{
    /** Nobody reads more at once; the rest is a tap away. */
    private const AT_ONCE = 60;

    public function __construct(private FindingTexts $texts, private WordsExtension $words, private TranslatorInterface $translator)
    {
    }

    /**
     * @param string $opened the finding that is open; empty for none
     * @param bool $all whether every finding is shown, and not only the worst
     */
    public function of(JudgedRun $line, UnitSystem $units, string $opened, bool $all, ?RefusedOpinion $refused = null): JudgePage
    {
        $ranked = $line->ranked();
        $findings = [];
        foreach ($ranked as $place => $finding) {
            if ($all || $place < self::AT_ONCE || $finding->id === $opened) {
                $judged = $line->judgements[$finding->id];
                $findings[] = new JudgedFinding(
                    $this->texts->of($finding, $judged, $units), null !== $judged->override, $judged->lookAgain && null !== $judged->need,
                    $this->because($judged, $units),
                );
            }
        }
        $job = $line->run->job;

        return new JudgePage(
            $line, self::schools($job), $findings, \count($ranked) - \count($findings), self::access($job), $opened, $refused,
        );
    }

    /** @return list<Because> */
    private function because(Judgement $judged, UnitSystem $units): array
    {
        $rule = $this->words->words($judged->rule, 'rule');
        $because = [
            $this->labelled('rule', null === $judged->need ? $rule : $rule.' → '.$this->need($judged->need)),
            $this->labelled('values', $this->texts->values($judged, $units)),
            $this->labelled('limits', $this->texts->limits($judged, $units)),
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

    /** @return list<Opening> */
    private static function access(Job $job): array
    {
        return array_values(array_filter(
            $job->openings(),
            static fn (Opening $opening) => $opening->details()->state->need()->level() > Need::Leave->level(),
        ));
    }
}
