<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/**
 * The cheapest ways to mend a line, exactly.
 *
 * Two works of one method whose spans meet never cost more as one, so each method's works follow one another; a repair that
 * lies within a work that can mend it costs nothing more there. So it is enough to go along the repairs by their starts,
 * with how far a work of each method goes by now, and to open a new one only where nothing covers the next repair.
 */
final readonly class Options
{
    /** @var list<Repair> by their starts */
    private array $repairs;

    /** @param list<Repair> $repairs */
    public function __construct(array $repairs, private Line $line, private PriceBook $prices)
    {
        usort($repairs, static fn (Repair $a, Repair $b) => [$a->from, $a->to] <=> [$b->from, $b->to]);
        $this->repairs = $repairs;
    }

    public function digs(): Option
    {
        return $this->cheapest($this->repairs, [Method::Dig]);
    }

    public function renewing(): Option
    {
        return $this->cheapest($this->repairs, [Method::Renew]);
    }

    /** Liners for what can be lined, digs for the rest; a liner may run through a place that is dug first. */
    public function lining(): Option
    {
        $lined = array_values(array_filter($this->repairs, static fn (Repair $repair) => $repair->canLine));
        $rest = array_values(array_filter($this->repairs, static fn (Repair $repair) => !$repair->canLine));

        return self::inPlace([
            ...$this->cheapest($lined, [Method::Liner])->works, ...$this->cheapest($rest, [Method::Dig])->works,
        ]);
    }

    public function any(): Option
    {
        return $this->cheapest($this->repairs, Method::cases());
    }

    /** The cheapest mix where no liner goes in. */
    public function opened(): Option
    {
        return $this->cheapest($this->repairs, [Method::Dig, Method::Renew]);
    }

    /**
     * @param list<Repair> $repairs by their starts
     * @param list<Method> $methods that may be used
     */
    private function cheapest(array $repairs, array $methods): Option
    {
        if ([] === $repairs) {
            return new Option([]);
        }
        $openings = new Openings($repairs, $this->line, $this->prices);
        $covers = ['0 0' => Cover::none()];
        foreach ($repairs as $i => $repair) {
            $with = null;
            $next = [];
            $rank = $openings->ranks[$i];
            // What covers nothing that still comes is as good as not open.
            $soonest = min([\PHP_INT_MAX, ...\array_slice($openings->ranks, $i + 1)]);
            foreach ($covers as $cover) {
                $isCovered = $cover->covers($rank, $repair->canLine);
                foreach ($isCovered ? [$cover] : $cover->each($with ??= $openings->with($i, $methods)) as $each) {
                    $key = $each->key($soonest);
                    if (!isset($next[$key]) || $each->weight < $next[$key]->weight) {
                        $next[$key] = $each;
                    }
                }
            }
            $covers = $next;
        }
        usort($covers, static fn (Cover $a, Cover $b) => $a->weight <=> $b->weight);

        return self::inPlace($this->assigned($repairs, $covers[0]->opened(), $openings));
    }

    /**
     * Each repair to the first opened work that mends it.
     *
     * @param list<Repair> $repairs
     * @param list<Opening> $opened
     *
     * @return list<Work>
     */
    private function assigned(array $repairs, array $opened, Openings $openings): array
    {
        $works = [];
        $left = $repairs;
        foreach ($opened as $work) {
            $its = array_filter($left, static fn (int $i) => $openings->mends($work, $i), \ARRAY_FILTER_USE_KEY);
            $left = array_diff_key($left, $its);
            if ([] !== $its) {
                $works[] = Work::over(array_values($its), $work->method, $this->line, $this->prices);
            }
        }

        return $works;
    }

    /** @param list<Work> $works */
    private static function inPlace(array $works): Option
    {
        usort($works, static fn (Work $a, Work $b) => [$a->from, $a->to] <=> [$b->from, $b->to]);

        return new Option($works);
    }
}
