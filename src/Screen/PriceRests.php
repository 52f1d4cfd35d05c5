<?php

declare(strict_types=1);

namespace App\Screen;

use App\Record\Job;
use App\Record\Mark;
use App\Support\Units\Formatter;
use App\Support\Wording\WordsExtension;
use App\Work\LineRepair;
use App\Work\MendPlan;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Says what prices rest on that nobody measured. */
final readonly class PriceRests
{
    /** A depth located farther away than this is told to be so. */
    private const FAR_M = 5.0;

    public function __construct(
        private Formatter $formatter, private TranslatorInterface $translator, private WordsExtension $words, private RepairNames $names,
    ) {
    }

    /** @return list<string> */
    public function of(MendPlan $plan, Job $job, UnitSystem $units): array
    {
        $prices = $job->firm->prices();
        $rests = [];
        $depth = $this->formatter->distance($prices->usualDepth, $units);
        $surface = mb_strtolower($this->words->words($prices->usualSurface, 'ground'));
        if (null === $plan->over->toNearestDepth(0.0)) {
            $rests[] = $this->translator->trans('mend.no_depth', ['%depth%' => $depth]);
        }
        $away = array_map(
            static fn (LineRepair $each) => $plan->over->toNearestDepth(($each->repair->from + $each->repair->to) / 2) ?? 0.0,
            $plan->repairs,
        );
        $farthest = [] === $away ? 0.0 : max($away);
        if ($farthest > self::FAR_M) {
            $rests[] = $this->translator->trans('mend.far_depth', [
                '%what%' => $this->names->repair($plan->repairs[(int) array_search($farthest, $away, true)], $units),
                '%away%' => $this->formatter->distance(round($farthest, 1), $units),
            ]);
        }
        $isUnknown = static fn (LineRepair $each) => !$plan->over->knowsSurface($each->repair->from, $each->repair->to);
        $unknown = array_filter($plan->repairs, $isUnknown);
        if ([] !== $unknown) {
            $what = \count($unknown) === \count($plan->repairs) ? $this->translator->trans('mend.the_line')
                : implode(', ', array_map(fn (LineRepair $each) => $this->names->repair($each, $units), $unknown));
            $rests[] = $this->translator->trans('mend.no_surface', ['%surface%' => $surface, '%what%' => $what]);
        }
        $poor = array_filter($plan->marks, static fn (Mark $mark) => !$mark->isGoodEnoughToDig());
        if ([] !== $poor) {
            $rests[] = $this->translator->trans('mend.poor_marks', ['%at%' => implode(', ', array_map(
                fn (Mark $mark) => $this->formatter->distance($mark->details()->atM ?? 0.0, $units), $poor,
            ))]);
        }
        if ($job->firm->hasStartingPrices()) {
            $rests[] = $this->translator->trans('mend.starting_prices');
        }

        return $rests;
    }
}
