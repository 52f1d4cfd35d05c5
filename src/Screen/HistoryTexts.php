<?php

declare(strict_types=1);

namespace App\Screen;

use App\Support\Wording\DateExtension;
use App\Support\Wording\WordsExtension;
use App\Work\LineFinding;
use App\Work\LineRecord;
use App\Work\PlaceHistory;
use App\Work\Sighting;
use App\Work\UpkeepProposal;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Says what grows, how fast, and when it should be seen to. */
final readonly class HistoryTexts
{
    private const MOST_GROWING = 3;

    public function __construct(
        private LineTexts $line, private DateExtension $dates, private WordsExtension $words, private TranslatorInterface $translator,
    ) {
    }

    public function of(PlaceHistory $history, LineRecord $record, UnitSystem $units): HistoryText
    {
        return new HistoryText(
            $history, $this->what($history->finding, $record, $units),
            [...array_map(fn (Sighting $seen) => $this->day($seen->line->run->startedAt, $history).': '
                .$this->percent($seen->finding->size->value ?? 0.0), $history->seen), ...$this->worked($history)],
            $this->growth($history),
        );
    }

    /** When it should be seen to next, and what that rests on. */
    public function proposal(?UpkeepProposal $proposal, LineRecord $record, UnitSystem $units): string
    {
        if (null === $proposal) {
            return '';
        }
        $parameters = [
            '%work%' => $this->words->words($proposal->work, 'upkeep_work'), '%from%' => $this->month($proposal->from),
            '%to%' => $this->month($proposal->to),
            '%what%' => null === $proposal->for ? '' : WordsExtension::lowered($this->what($proposal->for, $record, $units)),
        ];
        $isOne = $parameters['%from%'] === $parameters['%to%'];
        $when = $this->translator->trans($isOne ? 'upkeep.in' : 'upkeep.between', $parameters);

        return $when.' '.(null === $proposal->grows
            ? $this->translator->trans('upkeep.by_cycle', $parameters)
            : $this->translator->trans('upkeep.by_growth', $parameters).' '.$this->growth($proposal->grows));
    }

    /**
     * What will be at its limit if nothing is done.
     *
     * @param list<PlaceHistory> $histories
     *
     * @return list<string> the soonest first
     */
    public function growing(array $histories, LineRecord $record, UnitSystem $units): array
    {
        $growing = array_filter($histories, static fn (PlaceHistory $each) => null !== $each->reaches() && !$each->isOverTheLimit());
        usort($growing, static fn (PlaceHistory $one, PlaceHistory $other) => $one->reaches() <=> $other->reaches());

        return array_map(fn (PlaceHistory $each) => $this->translator->trans('wait.grows', [
            '%what%' => $this->words->words($each->finding->finding->kind, 'kind'),
            '%at%' => $this->line->place($each->finding, $record, $units),
        ]).' '.$this->growth($each), \array_slice($growing, 0, self::MOST_GROWING));
    }

    /** How fast it grows and when it is at the limit, as far as the looks tell. */
    public function growth(PlaceHistory $history): string
    {
        $growth = $history->growth;
        $parameters = ['%limit%' => $this->percent($history->limit)];
        if (null === $growth) {
            return $this->translator->trans(null === $history->workedOn ? 'growth.one_look' : 'growth.since_worked', [
                '%day%' => null === $history->workedOn ? '' : $this->day($history->workedOn, $history),
            ]);
        }
        $parameters += [
            '%rate%' => $this->percent($growth->percentPerYear()), '%error%' => $this->percent($growth->errorPerYear()),
            '%when%' => $this->monthOrNone($history->reaches()), '%early%' => $this->monthOrNone($history->earliest()),
            '%late%' => $this->monthOrNone($history->latest()),
        ];
        $case = match (true) {
            $history->isOverTheLimit() => 'over',
            null === $history->reaches() => $growth->percentPerYear() > 0 ? 'slow' : 'not_growing',
            null === $history->latest() => 'unsure',
            $parameters['%early%'] === $parameters['%late%'] => 'sharp',
            default => 'range',
        };

        return $this->translator->trans('growth.'.$case, $parameters);
    }

    /** @return list<string> when a tool was last there; nothing where nobody logged that */
    private function worked(PlaceHistory $history): array
    {
        return null === $history->workedOn ? [] : [
            $this->translator->trans('growth.worked', ['%day%' => $this->day($history->workedOn, $history)]),
        ];
    }

    private function what(LineFinding $each, LineRecord $record, UnitSystem $units): string
    {
        return $this->words->words($each->finding->kind, 'kind').', '.$this->line->place($each, $record, $units);
    }

    private function percent(float $share): string
    {
        return round($share).' %';
    }

    private function day(\DateTimeImmutable $at, PlaceHistory $history): string
    {
        return $this->dates->when($at, 'dMMMy', $history->finding->line->run->job->firm->timeZone);
    }

    private function month(\DateTimeImmutable $at): string
    {
        return $this->dates->when($at, 'MMMMy');
    }

    private function monthOrNone(?\DateTimeImmutable $at): string
    {
        return null === $at ? '' : $this->month($at);
    }
}
