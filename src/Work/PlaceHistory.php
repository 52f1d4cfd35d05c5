<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Upkeep\Growth;
use Jurvex\Core\Upkeep\ShareChart;
use Jurvex\Core\Upkeep\ShareSeen;

/** How much of the bore something took at one place, look after look. */
final readonly class PlaceHistory
{
    public const DAY_S = 86400;
    /** What a share of the bore is read to, percent either way. */
    public const ERROR_PERCENT = 5.0;
    /** Beyond this nobody plans. */
    private const FARTHEST_YEARS = 30;

    /**
     * @param non-empty-list<Sighting> $seen with a share of the bore, in order of time
     * @param float $limit share at which it cannot wait any longer, percent
     * @param ?Growth $growth since it was last worked on; none before two looks a month apart
     * @param ?\DateTimeImmutable $workedOn when a tool was last there; none as far as anybody logged
     */
    public function __construct(
        public LineFinding $finding, public array $seen, public float $limit, public ?Growth $growth, public ?\DateTimeImmutable $workedOn,
    ) {
    }

    /** The day at which it reaches the limit, by what was seen; none where it does not grow, or not within any plan. */
    public function reaches(): ?\DateTimeImmutable
    {
        return $this->date($this->growth?->reaches($this->limit));
    }

    /** The first and the last day between which it does, as far as the error of the shares tells. */
    public function earliest(): ?\DateTimeImmutable
    {
        return $this->outermost(true);
    }

    /** None where it may never do so. */
    public function latest(): ?\DateTimeImmutable
    {
        return $this->outermost(false);
    }

    public function newest(): float
    {
        return $this->seen[\count($this->seen) - 1]->finding->size->value ?? 0.0;
    }

    public function isOverTheLimit(): bool
    {
        return $this->newest() >= $this->limit;
    }

    public function chart(): ShareChart
    {
        return new ShareChart(array_map(self::share(...), $this->seen), self::ERROR_PERCENT, $this->limit);
    }

    public static function share(Sighting $seen): ShareSeen
    {
        return new ShareSeen($seen->line->run->startedAt->getTimestamp() / self::DAY_S, $seen->finding->size->value ?? 0.0);
    }

    private function outermost(bool $first): ?\DateTimeImmutable
    {
        $fast = $this->growth?->atFastest($this->limit);
        $slow = $this->growth?->atSlowest($this->limit);
        // Where the limit was passed between the looks the fastest growth passed it last.
        $days = array_filter([$fast, $slow], static fn (?float $day) => null !== $day);
        if ([] === $days || (!$first && null === $slow)) {
            return null;
        }

        return $this->date($first ? min($days) : max($days));
    }

    private function date(?float $day): ?\DateTimeImmutable
    {
        $farthest = self::share($this->seen[\count($this->seen) - 1])->day + self::FARTHEST_YEARS * Growth::YEAR_DAYS;

        return null === $day || $day > $farthest || $day < 0 ? null : new \DateTimeImmutable('@'.(int) round($day * self::DAY_S));
    }
}
