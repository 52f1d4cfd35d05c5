<?php

declare(strict_types=1);

namespace App\Screen;

use App\Record\Job;
use App\Support\Units\Formatter;
use App\Support\Wording\DateExtension;
use App\Support\Wording\WordsExtension;
use App\Work\LineFinding;
use App\Work\LineRepair;
use App\Work\MendPlan;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Sureness;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Mend\Item;
use Jurvex\Core\Mend\LiningBar;
use Jurvex\Core\Mend\LiningFirst;
use Jurvex\Core\Mend\Method;
use Jurvex\Core\Mend\Offer;
use Jurvex\Core\Mend\Price;
use Jurvex\Core\Mend\PricedItem;
use Jurvex\Core\Mend\PricedWork;
use Jurvex\Core\Mend\Way;
use Jurvex\Core\Run\SightSpan;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Puts repairs and the ways to mend them into words. */
final readonly class MendTexts
{
    /** Prices are told to this. */
    private const ROUND = 10;
    /** More than so many are told by their number where they are not the matter itself. */
    private const MANY = 20;

    public function __construct(
        private Formatter $formatter, private TranslatorInterface $translator, private WordsExtension $words,
        private LineTexts $line, private DateExtension $dates, private PriceRests $rests, private RepairNames $names,
    ) {
    }

    /** @param bool $all whether each of many repairs is told, and not only their number */
    public function of(MendPlan $plan, Job $job, UnitSystem $units, bool $all = false): MendText
    {
        $currency = $job->firm->currency();
        $isBrief = $plan->isLong() && !$all;
        $repairs = array_map(fn (LineRepair $each) => $this->repair($plan, $each, $currency, $units), $isBrief ? [] : $plan->repairs);
        $recommended = $job->outcome()->recommended();
        $shown = $isBrief ? (null === $recommended ? [] : [$plan->offer($recommended)]) : $plan->offers();
        $offers = array_map(fn (Offer $offer) => $this->offer($plan, $offer, $job, self::like($shown, $offer), $units), $shown);

        return new MendText(
            $this->line->from($plan->run), $repairs,
            array_map(fn (LineRepair $each) => $this->repair($plan, $each, $currency, $units), $plan->leftOut), $offers,
            $isBrief ? [] : $this->rests->of($plan, $job, $units), $job->outcome()->recommendedBecause(), \count($plan->repairs),
        );
    }

    /**
     * @param list<Offer> $shown
     *
     * @return string an earlier way that comes to the same works; empty for none
     */
    private static function like(array $shown, Offer $offer): string
    {
        foreach ($shown as $earlier) {
            if ($earlier === $offer) {
                break;
            }
            if ([] !== $offer->works && $offer->isLike($earlier)) {
                return $earlier->way->value;
            }
        }

        return '';
    }

    private function price(Price $price, string $currency): string
    {
        $round = fn (float $value) => $this->formatter->grouped(self::ROUND * round($value / self::ROUND));

        return $currency.' '.$round($price->low).'–'.$round($price->high);
    }

    private function repair(MendPlan $plan, LineRepair $repair, string $currency, UnitSystem $units): RepairText
    {
        $names = array_map(
            fn (Finding $each) => $this->words->words($each->kind, 'kind').' '.$this->names->extent($each, $units), $repair->placed(),
        );
        $name = implode(', ', $names);
        if ($repair->isUnsure()) {
            $name = $this->translator->trans('mend.likely.alone', ['%what%' => mb_strtolower(mb_substr($name, 0, 1)).mb_substr($name, 1)]);
        }
        $routes = [];
        foreach ($plan->routes($repair) ?? [] as $code => $offer) {
            $routes[] = new RouteText(
                $code, $this->words->words($code, 'mend.route'),
                null === $offer ? $this->translator->trans('mend.route_not_measured') : $this->price($offer->price, $currency),
                $this->words->words($code, 'mend.route_beside'),
            );
        }

        return new RepairText(
            $repair->id(), $name, $this->span($repair->repair->from, $repair->repair->to, $units), $repair->need(),
            $this->lining($plan, $repair), $routes,
        );
    }

    /** @return list<string> */
    private function lining(MendPlan $plan, LineRepair $repair): array
    {
        if ([] !== $repair->bars()) {
            return array_map(fn (LiningBar $bar) => $this->words->words($bar, 'mend.bar'), $repair->bars());
        }
        $first = [...$repair->first(), ...$plan->needsOpening ? [LiningFirst::NewOpening] : []];

        return [
            $this->translator->trans('mend.can_line'),
            ...array_map(fn (LiningFirst $what) => $this->words->words($what, 'mend.first'), $first),
        ];
    }

    private function offer(MendPlan $plan, Offer $offer, Job $job, string $like, UnitSystem $units): OfferText
    {
        $currency = $job->firm->currency();
        [$done, $left] = [$plan->done($offer), $plan->undone($offer)];
        $hours = [(int) round($offer->waterOff->low), (int) round($offer->waterOff->high)];

        return new OfferText(
            $offer, $this->words->words($offer->way, 'mend.way'),
            [] === $offer->works ? '' : $this->price($offer->price, $currency),
            $this->works($plan, $offer, $currency, $units),
            array_map(fn (PricedItem $item) => $this->item($item, $currency, $units), $offer->items),
            $this->names(array_map(fn (LineRepair $each) => fn () => $this->names->repair($each, $units), $done)),
            Way::Leave === $offer->way ? $this->ifLeft($left, $job) : $this->left($plan, $left, $units),
            $offer->dug() > 0 ? $this->formatter->distance($offer->dug(), $units) : '',
            0 === $hours[1] ? '' : $this->translator->trans('mend.hours', ['%low%' => $hours[0], '%high%' => $hours[1]]),
            $this->agree($offer, $done), $this->soon($done), '' === $like ? '' : $this->words->words($like, 'mend.way'),
            $job->outcome()->recommended() === $offer->way,
        );
    }

    /** @return list<string> the work, and what must come before a liner */
    private function work(MendPlan $plan, PricedWork $each, string $currency, UnitSystem $units): array
    {
        $work = $each->work;
        $said = [$this->translator->trans('mend.work.'.(null === $each->underFloor ? $work->method->value : 'outside'), [
            '%span%' => $this->span($work->from, $work->to, $units), '%length%' => $this->formatter->distance($each->length(), $units),
            '%depth%' => $this->formatter->distance(round($each->depth, 1), $units),
            '%under%' => implode(', ', array_map($this->surface(...), $each->surfaces)),
            '%metres%' => $this->formatter->distance($each->underFloor ?? 0.0, $units), '%price%' => $this->price($each->price, $currency),
            '%what%' => implode(', ', array_map(fn (LineRepair $repair) => $this->names->repair($repair, $units), $plan->of($each))),
        ])];
        if (Method::Liner === $work->method) {
            $first = array_merge(...array_map(static fn (LineRepair $repair) => $repair->first(), $plan->of($each)), ...[[]]);
            foreach (array_unique($first, \SORT_REGULAR) as $what) {
                $said[] = $this->words->words($what, 'mend.first');
            }
            foreach ($plan->portion->gaps as $gap) {
                if ($gap->from->metres < $work->to && $gap->to->metres > $work->from) {
                    $said[] = $this->unseen($gap, $units);
                }
            }
        }

        return $said;
    }

    private function surface(string $code): string
    {
        return mb_strtolower($this->words->words($code, 'ground'));
    }

    private function unseen(SightSpan $gap, UnitSystem $units): string
    {
        return $this->translator->trans('mend.unseen', ['%span%' => $this->span($gap->from->metres, $gap->to->metres, $units)]);
    }

    private function item(PricedItem $item, string $currency, UnitSystem $units): string
    {
        $count = Item::UnderFloor === $item->item ? $this->formatter->distance($item->count, $units) : (string) (int) $item->count;
        $times = 1.0 === $item->count && Item::UnderFloor !== $item->item ? '' : ' × '.$count;

        return $this->words->words($item->item, 'mend.item').$times.': '.$this->price($item->price, $currency);
    }

    /** @param list<LineRepair> $left */
    private function left(MendPlan $plan, array $left, UnitSystem $units): string
    {
        return $this->names([
            ...array_map(fn (LineRepair $each) => fn () => $this->names->repair($each, $units), [...$left, ...$plan->leftOut]),
            ...array_map(fn (LineFinding $each) => fn () => $this->upkeep($each, $units), $plan->upkeep),
        ]);
    }

    /**
     * @param list<\Closure(): string> $names
     *
     * @return string their number where there are many
     */
    private function names(array $names): string
    {
        return \count($names) > self::MANY
            ? $this->translator->trans('mend.many', ['%count%' => \count($names)])
            : implode(', ', array_map(static fn (\Closure $name) => $name(), $names));
    }

    /** @return list<string> a line for each work, or for each kind of work where there are many */
    private function works(MendPlan $plan, Offer $offer, string $currency, UnitSystem $units): array
    {
        if (\count($offer->works) <= self::MANY) {
            $each = array_map(fn (PricedWork $work) => $this->work($plan, $work, $currency, $units), $offer->works);

            return array_merge(...$each, ...[[]]);
        }
        $said = [];
        foreach (Method::cases() as $method) {
            $of = array_filter($offer->works, static fn (PricedWork $work) => $method === $work->work->method);
            $price = array_reduce($of, static fn (Price $sum, PricedWork $work) => $sum->plus($work->price), Price::nothing());
            $length = array_sum(array_map(static fn (PricedWork $work) => $work->length(), $of));
            [] === $of || $said[] = $this->translator->trans('mend.many_'.$method->value, [
                '%count%' => \count($of), '%price%' => $this->price($price, $currency),
                '%length%' => $this->formatter->distance($length, $units),
            ]);
        }

        return $said;
    }

    /** What no repair puts right, with what it asks for. */
    private function upkeep(LineFinding $each, UnitSystem $units): string
    {
        $need = $each->judgement->counts();
        // "Now" alone would read as if it were found now.
        $class = $this->words->words($need ?? 'look_again', Need::Now === $need ? 'need_means' : 'need');

        return $this->names->finding($each->finding, Sureness::Clear !== $each->finding->sureness, $units).' ('.mb_strtolower($class).')';
    }

    /**
     * What is known to happen; how fast was not worked out.
     *
     * @param list<LineRepair> $left
     */
    private function ifLeft(array $left, Job $job): string
    {
        $said = array_values(array_unique(array_map(
            fn (LineRepair $each) => $this->words->words($each->finding()->kind->trouble(), 'mend.if_left'), $left,
        )));
        $isNow = [] !== array_filter($left, static fn (LineRepair $each) => Need::Now === $each->need());
        if ($isNow) {
            $said[] = $this->translator->trans('mend.left_now');
        }
        $due = $job->outcome()->upkeepDueOn();
        $said[] = null === $due || '' === $job->outcome()->upkeep()
            ? $this->translator->trans('mend.left_when')
            : $this->translator->trans('mend.left_until', [
                '%upkeep%' => $job->outcome()->upkeep(), '%date%' => $this->dates->when($due, 'MMMMy'),
            ]);

        return implode(' ', $said);
    }

    /**
     * @param list<LineRepair> $done
     *
     * @return list<string>
     */
    private function agree(Offer $offer, array $done): array
    {
        $onOthers = [] !== array_filter($done, static fn (LineRepair $each) => true === $each->said?->details()->neighbour);
        $who = [
            'neighbour' => $onOthers, 'road' => $offer->has(Item::RoadPermit), 'code_office' => $offer->has(Item::CodeOffice),
        ];

        return array_map(fn (string $code) => $this->words->words($code, 'mend.agree'), array_keys(array_filter($who)));
    }

    /** @param list<LineRepair> $done */
    private function soon(array $done): string
    {
        if ([] === $done) {
            return '';
        }
        $isNow = [] !== array_filter($done, static fn (LineRepair $each) => Need::Now === $each->need());

        return $this->translator->trans($isNow ? 'mend.soon_now' : 'mend.soon_mend');
    }

    private function span(float $from, float $to, UnitSystem $units): string
    {
        return $this->formatter->bareDistance($from, $units).'–'.$this->formatter->distance($to, $units);
    }
}
