<?php

declare(strict_types=1);

namespace App\HandOver\JobFile;

use App\Record\ClosingStep;
use App\Record\DangerSaid;
use App\Record\GateLine;
use App\Record\Job;
use App\Record\JobPicture;
use App\Record\Narrated;
use App\Record\PairSaid;
use App\Record\PreUseCheck;
use App\Record\SecondOpinion;
use App\Record\SentLetter;
use App\Record\TestMade;
use App\Record\UpkeepPlan;
use Jurvex\Core\Triage\Answer;

/** What a job file says of the job itself: its outcome, the evidence on site, practice. */
final readonly class JobValues
{
    /** @return array<string, mixed> */
    public static function outcome(Job $job): array
    {
        $outcome = $job->outcome();

        return [
            'cleared' => $outcome->cleared()?->value,
            'cleared_note' => $outcome->clearedNote(),
            'cause' => $outcome->cause()?->value,
            'use_advice' => $outcome->useAdvice(),
            'recommended' => $outcome->recommended()?->value,
            'recommended_because' => $outcome->recommendedBecause(),
            'seen_around' => $outcome->seenAround(),
            'water_school' => $outcome->waterSchool()?->value,
            'roots_school' => $outcome->rootsSchool()?->value,
            'advice' => $outcome->advice(),
            'upkeep' => $outcome->upkeep(),
            'upkeep_due_on' => $outcome->upkeepDueOn()?->format('Y-m-d'),
            'handed_over_at' => JobFileWriter::time($outcome->handedOverAt()),
            'look_closed_because' => $outcome->lookClosedBecause(),
            'closing' => array_map(static fn (ClosingStep $step) => $step->value, $outcome->closing()),
        ];
    }

    /** @return array<string, list<array<string, mixed>>> */
    public static function evidence(Job $job): array
    {
        $site = $job->site();
        $seen = $site->seen();

        return [
            'seen' => array_map(
                static fn (string|int $node, Answer $answer) => ['node' => (string) $node, 'seen' => $answer->value],
                array_keys($seen),
                array_values($seen),
            ),
            'gates' => array_map(static fn (GateLine $said) => [
                'machine' => $said->machine->value, 'line' => $said->line, 'by' => $said->by(), 'at' => JobFileWriter::time($said->at()),
            ], $site->confirmedLines()),
            'checks' => array_map(static fn (PreUseCheck $said) => [
                'machine' => $said->machine->value, 'line' => $said->line, 'good' => $said->isGood(), 'reason' => $said->reason(),
                'by' => $said->by(), 'at' => JobFileWriter::time($said->at()),
            ], $site->checks()),
            'made_tests' => array_map(static fn (TestMade $test) => [
                'run' => $test->run, 'watched' => $test->watched, 'seen' => $test->answer()->value, 'by' => $test->by(),
                'at' => JobFileWriter::time($test->at()),
            ], $site->tests()),
            'dangers' => array_values(array_map(static fn (DangerSaid $said) => [
                'sign' => $said->sign->value, 'state' => $said->state()->value, 'by' => $said->by(),
                'at' => JobFileWriter::time($said->at()),
            ], $site->dangers())),
        ];
    }

    /** @return ?array<string, mixed> */
    public static function practice(Job $job): ?array
    {
        $plain = $job->practice()?->plain();

        return null === $plain ? null : [...$plain, 'points' => (object) $plain['points']];
    }

    /** @return array<string, mixed> */
    public static function second(SecondOpinion $second): array
    {
        return [
            'id' => $second->id, 'finding_id' => $second->findingId, 'question' => $second->question, 'asked' => $second->asked?->value,
            'asked_by' => $second->askedBy, 'asked_at' => JobFileWriter::time($second->askedAt), 'need' => $second->need()?->value,
            'reason' => $second->reason(), 'answered_by' => $second->answeredBy(),
            'answered_at' => JobFileWriter::time($second->answeredAt()), 'decided' => $second->decided()?->value,
            'decided_by' => $second->decidedBy(), 'decided_because' => $second->decidedBecause(),
            'decided_at' => JobFileWriter::time($second->decidedAt()),
        ];
    }

    /** @return array<string, mixed> */
    public static function letter(SentLetter $letter): array
    {
        return [
            'id' => $letter->id, 'to' => $letter->to, 'subject' => $letter->subject, 'text' => $letter->text, 'by' => $letter->by,
            'sent_at' => JobFileWriter::time($letter->sentAt), 'with_pdf' => $letter->withPdf,
        ];
    }

    /** @return array<string, mixed> */
    public static function plan(UpkeepPlan $plan): array
    {
        return [
            'id' => $plan->id, 'work' => $plan->work()->value, 'every_months' => $plan->everyMonths(),
            'due_on' => $plan->dueOn()->format('Y-m-d'), 'note' => $plan->note(), 'ended_at' => JobFileWriter::time($plan->endedAt()),
        ];
    }

    /** @return array<string, mixed> */
    public static function narrated(Narrated $narrated): array
    {
        $settled = $narrated->settled();

        return [
            'id' => $narrated->id, 'source' => $narrated->source->value, 'name' => $narrated->name,
            'said_at' => JobFileWriter::time($narrated->saidAt), 'at_m' => $narrated->atM,
            'language' => $narrated->language,
            'cues' => array_map(static fn (array $cue) => ['from_s' => $cue[0], 'to_s' => $cue[1], 'text' => $cue[2]], $narrated->cues),
            'settled' => array_map(
                static fn (string $key, string $became) => ['key' => $key, 'became' => $became],
                array_map(strval(...), array_keys($settled)), array_values($settled),
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function picture(JobPicture $picture): array
    {
        return [
            'id' => $picture->id, 'opening' => $picture->opening?->id, 'taken_at' => JobFileWriter::time($picture->takenAt),
            'withdrawn_at' => JobFileWriter::time($picture->withdrawnAt()), 'note' => $picture->note, 'photo' => "\0photo:".$picture->id,
        ];
    }

    /** @return array<string, mixed> */
    public static function pair(PairSaid $said): array
    {
        return ['id' => $said->id, 'before_id' => $said->beforeId, 'after_id' => $said->afterId, 'is_same' => $said->isSame()];
    }
}
