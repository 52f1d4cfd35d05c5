<?php

declare(strict_types=1);

namespace App\Screen;

use App\Record\Opening;
use App\Record\OpeningState;
use App\Record\Run;
use App\Support\Units\Formatter;
use App\Support\Wording\DateExtension;
use App\Support\Wording\WordsExtension;
use App\Work\Doubt;
use App\Work\JudgedRun;
use App\Work\LineFinding;
use App\Work\LineRecord;
use App\Work\LookPair;
use App\Work\Sighting;
use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Looks\Portion;
use Jurvex\Core\Looks\UnitedLine;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Run\SightSpan;
use Jurvex\Core\Run\Travel;
use Symfony\Contracts\Translation\TranslatorInterface;
use Twig\Extension\RuntimeExtensionInterface;

/** Says where things are in the line: from which opening, which way, how far. */
final readonly class LineTexts implements RuntimeExtensionInterface
{
    public function __construct(
        private FindingTexts $texts, private WordsExtension $words, private Formatter $formatter, private DateExtension $dates,
        private TranslatorInterface $translator, private StretchTexts $stretches,
    ) {
    }

    /** A finding of the line in words, its clock read in the direction of flow where that is asked for. */
    public function of(LineFinding $each, UnitSystem $units, bool $mirrored = false): FindingText
    {
        return $this->texts->of(
            $each->finding, $each->judgement, $units, $mirrored && Travel::Upstream === $each->line->record->travel,
        );
    }

    /** Its place as it is said: with opening and way where there is more than one of them. */
    public function place(LineFinding $each, LineRecord $record, UnitSystem $units): string
    {
        $from = $this->formatter->distance($each->finding->from->metres, $units);
        $at = null === $each->finding->to
            ? $from
            : $this->formatter->bareDistance($each->finding->from->metres, $units).'–'
                .$this->formatter->distance($each->finding->to->metres, $units);

        return $record->hasSeveralPortions() ? $this->along($at, $each->line->run) : $at;
    }

    /** The other troubles of the same joint; empty where there are none. */
    public function beside(LineFinding $each): string
    {
        return implode(', ', array_map(
            fn (LineFinding $other) => mb_strtolower($this->words->words($other->finding->kind, 'kind')), $each->beside,
        ));
    }

    /** Each time that it was seen; empty where that was once. */
    public function sightings(LineFinding $each, UnitSystem $units): string
    {
        if (\count($each->sightings) < 2) {
            return '';
        }

        $told = array_map(fn (Sighting $seen) => $this->sighting($seen->finding, $seen->line->run, $units), $each->sightings);

        return implode(' · ', $told);
    }

    /** Why a run could not go on, in its own words. */
    public function stopped(LineFinding $each, LineRecord $record, UnitSystem $units): string
    {
        $cause = $each->finding->fact(Fact::Cause);
        $turned = 'rod_jammed' === $cause ? $each->line->record->turnedBefore($each->finding->from) : 0.0;

        return $this->translator->trans($turned > 0 ? 'line.stopped_turned' : 'line.stopped', [
            '%at%' => $this->place($each, $record, $units), '%turned%' => (string) round($turned),
            '%cause%' => null === $cause ? $this->translator->trans('line.cause_not_said') : $this->words->words($cause, 'line.cause'),
        ]);
    }

    public function gone(LineFinding $each, LineRecord $record, UnitSystem $units): string
    {
        $since = null === $each->goneSince ? null : $record->runs[$each->goneSince->id];

        return $this->translator->trans($this->isSoundNow($each, $since) ? 'line.gone_sound' : 'line.gone', [
            '%what%' => $this->words->words($each->finding->kind, 'kind'),
            '%where%' => $this->along($this->formatter->distance($each->finding->from->metres, $units), $each->line->run),
            '%seen%' => $this->day($each->line->run), '%since%' => null === $each->goneSince ? '' : $this->day($each->goneSince),
        ]);
    }

    /** Whether the look that found it no more logged a sound joint there. */
    private function isSoundNow(LineFinding $each, ?JudgedRun $since): bool
    {
        $isSameWay = $since?->run->opening === $each->line->run->opening && $since->record->travel === $each->line->record->travel;
        foreach ($isSameWay ? $since->record->findings : [] as $finding) {
            if (Kind::SoundJoint === $finding->kind
                && abs($finding->from->metres - $each->finding->from->metres) <= UnitedLine::SAME_PLACE_M) {
                return true;
            }
        }

        return false;
    }

    /** @return list<PortionText> */
    public function portions(LineRecord $record, UnitSystem $units): array
    {
        return array_map(function (Portion $portion) use ($record, $units): PortionText {
            $run = $record->runs[$portion->run->id]->run;

            return new PortionText(
                $this->translator->trans('line.portion_'.$portion->run->travel()->value, ['%opening%' => $run->opening->details()->place]),
                $this->formatter->distance($portion->run->record->reached->metres, $units),
                $record->verdictOf($portion), $this->unseen($portion, $run, $units),
                $this->stretches->of($record->stretchesOf($portion), $units),
            );
        }, $record->portions);
    }

    /** @return list<string> what nobody has seen of a portion, and what it would take */
    private function unseen(Portion $portion, Run $run, UnitSystem $units): array
    {
        $told = array_map(fn (SightSpan $gap) => $this->translator->trans('report.gap', [
            '%from%' => $this->formatter->distance($gap->from->metres, $units),
            '%to%' => $this->formatter->distance($gap->to->metres, $units),
            '%why%' => mb_strtolower($this->words->words($gap->sight, 'sight')), '%opening%' => $run->opening->details()->place,
        ]).' '.$this->translator->trans('report.to_see_'.$gap->sight->value), $portion->gaps);
        if ($portion->isOpenEnded) {
            $told[] = $this->translator->trans('report.gap_open', [
                '%from%' => $this->formatter->distance($portion->run->record->reached->metres, $units),
                '%opening%' => $run->opening->details()->place,
            ]);
        }

        return $told;
    }

    /** What is wrong with an opening. */
    public function opening(Opening $opening): string
    {
        $details = $opening->details();
        $told = OpeningState::Usable === $details->state && $details->leaning
            ? [] : [mb_strtolower($this->words->words($details->state, 'opening_state'))];

        return implode(', ', $details->leaning ? [...$told, $this->translator->trans('line.leaning')] : $told);
    }

    /** A question to the technician. */
    public function doubt(Doubt $doubt, UnitSystem $units): string
    {
        $said = fn (LineFinding $each) => $this->sighting($each->finding, $each->line->run, $units);

        return $this->translator->trans('line.doubt', [
            '%one%' => $said($doubt->one), '%other%' => $said($doubt->other),
            '%apart%' => $this->formatter->distance($doubt->apart, $units),
        ]);
    }

    /** The opening and the way that a portion is told by. */
    public function from(Run $run): string
    {
        return $this->translator->trans('line.portion_'.$run->details()->travel->value, ['%opening%' => $run->opening->details()->place]);
    }

    /** A place on a run, with the opening and the way. */
    public function on(Run $run, float $metres, UnitSystem $units): string
    {
        return $this->along($this->formatter->distance($metres, $units), $run);
    }

    /** A place on one of two looks: with opening and way only where these are not the same. */
    public function withIn(LookPair $pair, Run $run, float $metres, UnitSystem $units): string
    {
        return $pair->isFromOnePlace() ? $this->formatter->distance($metres, $units) : $this->on($run, $metres, $units);
    }

    private function sighting(Finding $finding, Run $run, UnitSystem $units): string
    {
        $size = null === $finding->size ? '' : ', '.$this->formatter->size($finding->size, $units);

        return $this->day($run).': '.$this->words->words($finding->kind, 'kind')
            .', '.$this->along($this->formatter->distance($finding->from->metres, $units), $run).$size;
    }

    private function along(string $at, Run $run): string
    {
        return $this->translator->trans('line.along_'.$run->details()->travel->value, [
            '%at%' => $at, '%opening%' => $run->opening->details()->place,
        ]);
    }

    private function day(Run $run): string
    {
        return $this->dates->when($run->startedAt, 'dMMMy', $run->job->firm->timeZone);
    }
}
