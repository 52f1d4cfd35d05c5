<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Job;
use App\Support\Wording\Languages;
use Jurvex\Core\Clear\Cause;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Finds out why a job's line stopped: from what came back, from what the camera saw, from what was said. */
final readonly class Causes
{
    public function __construct(private TranslatorInterface $translator, private Languages $languages)
    {
    }

    /** @param LineRecord $record what all looks at the property say together */
    public function of(Job $job, LineRecord $record): JobCauses
    {
        if ([] === $job->passes()) {
            return new JobCauses($job, []);
        }
        $seen = [];
        foreach ($record->findings as $each) {
            $bore = $each->line->record->pipeAt($each->finding->from)->bore;
            $seen[] = Cause::seen($each->finding, $each->finding->percentOf($bore));
        }

        return new JobCauses($job, Cause::found(
            $this->cameBack($job), array_values(array_filter($seen)), Cause::told($job->clearing()->blockage),
        ));
    }

    /** @return list<Cause> that the technician's words for what came back name */
    private function cameBack(Job $job): array
    {
        $clauses = [];
        foreach ($job->passes() as $pass) {
            array_push($clauses, ...(preg_split('/[.,;:!?\n]+/u', $pass->details()->cameBack) ?: []));
        }
        // "No roots" is no root.
        $denied = '/\b(?:'.$this->heard('denied').')\b/iu';
        $said = implode(' ; ', array_filter($clauses, static fn (string $clause) => 1 !== preg_match($denied, $clause)));

        return array_values(array_filter(Cause::cases(), function (Cause $cause) use ($said): bool {
            $words = $this->heard($cause->value);

            return '' !== $words && 1 === preg_match('/\b(?:'.$words.')\b/iu', $said);
        }));
    }

    /** The words for it in every language: whoever wrote them down may speak another than the reader. */
    private function heard(string $what): string
    {
        return implode('|', array_filter(array_map(
            fn (string $language) => $this->translator->trans('cause_heard.'.$what, locale: $language), $this->languages->all,
        )));
    }
}
