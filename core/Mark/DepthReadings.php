<?php

declare(strict_types=1);

namespace Jurvex\Core\Mark;

use Jurvex\Core\Measure\Length;

/** Depth readings of a locator at one mark. */
final readonly class DepthReadings
{
    /** A spread over either of these is not good enough to dig by. */
    public const SPREAD_SHARE = 0.10;
    public const SPREAD_METRES = 0.15;
    public const LEAST_COUNT = 3;
    private const HAIR = 1e-9;

    /** @var non-empty-list<float> in metres, least first */
    private array $metres;

    /** @throws \DomainException without any reading */
    public function __construct(Length ...$readings)
    {
        $metres = array_map(static fn (Length $reading) => $reading->metres, array_values($readings));
        if ([] === $metres) {
            throw new \DomainException('A mark needs at least one depth reading.');
        }
        sort($metres);
        $this->metres = $metres;
    }

    public function median(): Length
    {
        $count = \count($this->metres);
        $middle = intdiv($count, 2);

        return Length::metres(1 === $count % 2 ? $this->metres[$middle] : ($this->metres[$middle - 1] + $this->metres[$middle]) / 2);
    }

    public function spread(): Length
    {
        return Length::metres($this->metres[\count($this->metres) - 1] - $this->metres[0]);
    }

    /** Fewer than these show nothing. */
    public function areEnough(): bool
    {
        return \count($this->metres) >= self::LEAST_COUNT;
    }

    /** Whether the readings agree well enough with each other. */
    public function agree(): bool
    {
        // Readings are to the centimetre: a spread of just the limit is not over it.
        return $this->isWithin($this->limit());
    }

    /**
     * The spread that is not too much yet: the smaller of a share of the depth and a length.
     *
     * @param float $share from 0 to 1
     */
    public function limit(float $share = self::SPREAD_SHARE, ?Length $most = null): Length
    {
        return Length::metres(min($most->metres ?? self::SPREAD_METRES, $share * $this->median()->metres));
    }

    /**
     * @param int $atLeast so many readings show something
     * @param bool $water whether water stands over the head
     *
     * @return list<DepthDoubt> why it is not good enough to dig by, in the order of their codes; nothing when it is
     */
    public function doubts(Length $limit, int $atLeast, ?LiftCheck $lift, bool $water, bool $metal): array
    {
        $isThere = fn (DepthDoubt $doubt) => match ($doubt) {
            DepthDoubt::Lift => false === $lift?->agrees($this->median()),
            DepthDoubt::Metal => $metal,
            DepthDoubt::Spread => !$this->isWithin($limit),
            DepthDoubt::TooFew => \count($this->metres) < $atLeast,
            DepthDoubt::Water => $water,
        };

        return array_values(array_filter(DepthDoubt::cases(), $isThere));
    }

    private function isWithin(Length $limit): bool
    {
        return $this->spread()->metres <= $limit->metres + self::HAIR;
    }
}
