<?php

declare(strict_types=1);

namespace App\Screen;

use App\Record\Job;
use App\Support\Wording\WordsExtension;
use App\Work\JobCauses;
use Jurvex\Core\Clear\Cause;
use Jurvex\Core\Clear\CauseFound;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Says why a line stopped, and how to use it from now on. */
final readonly class CauseTexts
{
    public function __construct(private WordsExtension $words, private TranslatorInterface $translator)
    {
    }

    /** @return list<string> what shows it */
    public function why(JobCauses $causes): array
    {
        $told = array_map(fn (CauseFound $each) => $this->translator->trans('cause_by.'.$each->by->value, [
            '%cause%' => $this->words->within($each->cause, 'cause_seen'), '%Cause%' => $this->words->words($each->cause, 'cause_seen'),
        ]), $causes->told());

        return [] === $told && null !== $causes->counts()
            ? [$this->translator->trans('cause_by.said', ['%cause%' => $this->words->within($causes->counts(), 'cause')])] : $told;
    }

    /** In the technician's words, else in the house's for each cause that counts. */
    public function advice(Job $job, JobCauses $causes): string
    {
        $own = trim($job->outcome()->useAdvice());
        $shown = array_map(static fn (CauseFound $each) => $each->cause, $causes->told());
        $counts = $causes->isSaid() || [] === $shown ? array_filter([$causes->counts()]) : $shown;

        return '' !== $own ? $own : implode(' ', array_map(fn (Cause $cause) => $this->words->words($cause, 'cause_advice'), $counts));
    }
}
