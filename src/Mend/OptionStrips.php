<?php

declare(strict_types=1);

namespace App\Mend;

use App\Work\LineRepair;
use App\Work\MendPlan;
use Jurvex\Core\Mend\PricedWork;

/** The line with what is to be mended, and below it each option's works to the same scale. */
final readonly class OptionStrips
{
    public const WIDTH = 1000.0;
    private const EDGE = 14.0;
    /** Shorter than this nobody sees it. */
    private const LEAST = 10.0;

    /**
     * @param list<StripBar> $repairs
     * @param array<string, list<StripBar>> $works by way
     * @param list<float> $ticks metres that are told under the line
     */
    private function __construct(public array $repairs, public array $works, public array $ticks, private float $length)
    {
    }

    public static function of(MendPlan $plan): self
    {
        $length = max(0.1, $plan->portion->end->metres);
        $bar = static fn (string $method, float $from, float $to) => self::bar($method, $from, $to, $length);

        $works = [];
        foreach ($plan->offers() as $offer) {
            $works[$offer->way->value] = array_map(
                static fn (PricedWork $each) => $bar($each->work->method->value, $each->work->from, $each->work->to), $offer->works,
            );
        }

        return new self(
            array_map(static fn (LineRepair $each) => $bar('repair', $each->repair->from, $each->repair->to), $plan->repairs),
            $works,
            [0.0, $length / 4, $length / 2, 3 * $length / 4, $length], $length,
        );
    }

    public function x(float $metres): float
    {
        return round(self::EDGE + $metres / $this->length * (self::WIDTH - 2 * self::EDGE), 1);
    }

    private static function bar(string $method, float $from, float $to, float $length): StripBar
    {
        $scale = (self::WIDTH - 2 * self::EDGE) / $length;
        $width = max(self::LEAST, ($to - $from) * $scale);

        return new StripBar($method, round(min(self::WIDTH - self::EDGE - $width, self::EDGE + $from * $scale), 1), round($width, 1));
    }
}
