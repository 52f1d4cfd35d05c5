<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Flow\Water;
use Jurvex\Core\Jet\PullBack;

/** Steps with their speeds, minutes and litres: in through the stoppage, back over its walls, and the free ways between. */
final readonly class Strokes
{
    /** In to the near estimate, and back where nothing is worked. */
    private const FREE_M_PER_MIN = 6.0;
    /** Where the table has no rate. */
    private const PIERCE_M_PER_MIN = 3.0;
    /** Rags come in pieces: in and out again, at least so often. */
    private const TRIPS = 2;
    /** Wall work goes on so far before the near estimate. */
    private const BEFORE_NEAR_M = 1.0;

    private WorkRates $rates;

    public function __construct(private Situation $situation)
    {
        $this->rates = $situation->rates ?? WorkRates::usual();
    }

    /** @return list<Step> to the near estimate, and on through the stoppage at its rate */
    public function through(HeadChoice $with, string $why): array
    {
        return [
            ...$this->free($with, Stroke::In, 0.0, $this->near($with), $why),
            ...$this->step($with, Stroke::In, $this->near($with), $this->past($with), $why, $this->piercing($with->head)),
        ];
    }

    /** @return list<Step> the whole way in, where a hole is open already */
    public function in(HeadChoice $with, string $why): array
    {
        return $this->free($with, Stroke::In, 0.0, $this->past($with), $why);
    }

    /** @return list<Step> the whole way back, working nothing */
    public function back(HeadChoice $with, string $why): array
    {
        return $this->free($with, Stroke::Back, $this->past($with), 0.0, $why);
    }

    /** @return list<Step> in and back, again and again */
    public function trips(HeadChoice $with, string $why, string $whyBack): array
    {
        return array_merge(...array_fill(0, self::TRIPS, [...$this->in($with, $why), ...$this->back($with, $whyBack)]));
    }

    /** @return list<Step> back over the walls to before the near estimate, and freely from there */
    public function wallsBack(HeadChoice $with, string $why): array
    {
        $to = min($this->past($with), max(0.0, $this->near($with) - self::BEFORE_NEAR_M));

        return [
            ...$this->step($with, Stroke::Back, $this->past($with), $to, $why, $this->working($with->head), true),
            ...$this->free($with, Stroke::Back, $to, 0.0, 'way_back'),
        ];
    }

    /** @return list<Step> a leader round the trap, to where the work begins */
    public function leader(HeadChoice $with): array
    {
        $why = 'head.'.$with->head->value;

        return [
            ...$this->free($with, Stroke::In, 0.0, $this->near($with), $why),
            ...$this->free($with, Stroke::Back, $this->near($with), 0.0, 'way_back'),
        ];
    }

    public static function look(float $to, string $why): Step
    {
        return new Step(Head::Camera, Stroke::Look, 0.0, $to, $why);
    }

    /** Water let in above, from the house and not from the tank, for as long as a flow test takes. */
    public function flushedFromAbove(): Step
    {
        return new Step(
            Head::WaterFromAbove, Stroke::Pour, 0.0, $this->situation->past()->metres, 'water_from_above',
            minutes: $this->situation->pourMinutes,
        );
    }

    /** @return list<Step> none for no way */
    private function free(HeadChoice $with, Stroke $way, float $from, float $to, string $why): array
    {
        return $this->step($with, $way, $from, $to, $why, self::FREE_M_PER_MIN);
    }

    /** @return list<Step> none for no way */
    private function step(
        HeadChoice $with, Stroke $way, float $from, float $to, string $why, float $speed, bool $works = false,
    ): array {
        if (abs($from - $to) < 1e-9) {
            return [];
        }
        $minutes = abs($from - $to) / $speed;
        $isJet = Machine::Jet === $with->head->machine();

        return [new Step(
            $with->head, $way, $from, $to, $why, $speed, $minutes, $isJet ? $minutes * $this->situation->flow : 0.0,
            $works ? $this->rates->passes($this->situation->blockage, $with->head) : 0, $works, $with->insteadOf,
        )];
    }

    /** A cable's rate does not hang on water. */
    private function piercing(Head $head): float
    {
        $flow = Machine::Jet === $head->machine() ? $this->situation->flow : WorkRates::AT_FLOW;

        return $this->rates->of($this->situation->blockage, $head, $flow) ?? self::PIERCE_M_PER_MIN;
    }

    /** The smaller of the work rate and what the water can carry of the deposit that is there. */
    private function working(Head $head): float
    {
        $rate = $this->rates->of($this->situation->blockage, $head, $this->situation->flow) ?? self::PIERCE_M_PER_MIN;
        $deposit = $this->situation->deposit;

        return null === $deposit ? $rate : min($rate, (new PullBack(
            $this->situation->bore, $deposit, Water::perSecond($this->situation->flow), $this->situation->solids,
        ))->metresPerMinute());
    }

    private function near(HeadChoice $with): float
    {
        return min($this->situation->near->metres, $this->past($with));
    }

    private function past(HeadChoice $with): float
    {
        return $this->situation->pastWith($with->head)->metres;
    }
}
