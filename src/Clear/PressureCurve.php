<?php

declare(strict_types=1);

namespace App\Clear;

/** Pressure at pump and nozzle by length of the first hose, with what the hoses take between them, as paths of an SVG. */
final readonly class PressureCurve
{
    public const WIDTH = 420;
    public const HEIGHT = 190;
    public const LEFT = 46;
    public const BOTTOM = 160;
    private const RIGHT = 408;
    private const TOP = 14;

    public string $pump;
    public string $nozzle;

    /** Between the two. */
    public string $lost;
    public float $settingAt;
    public float $todayAt;
    public float $longest;

    /**
     * @param non-empty-list<array{length: float, pump: float, nozzle: float}> $points in metres and bar, the shortest hose first
     * @param float $setting in bar
     * @param float $today length of the first hose
     */
    public function __construct(private array $points, private float $setting, float $today)
    {
        $this->longest = $points[\count($points) - 1]['length'];
        $this->pump = 'M'.implode(' L', $this->line('pump'));
        $this->nozzle = 'M'.implode(' L', $this->line('nozzle'));
        $this->lost = $this->pump.' L'.implode(' L', array_reverse($this->line('nozzle'))).'Z';
        $this->settingAt = $this->y($setting);
        $this->todayAt = $this->x($today);
    }

    /** @return list<string> */
    private function line(string $of): array
    {
        return array_map(fn (array $point) => $this->x($point['length']).' '.$this->y($point[$of]), $this->points);
    }

    private function x(float $metres): float
    {
        return round(self::LEFT + (self::RIGHT - self::LEFT) * $metres / $this->longest, 1);
    }

    private function y(float $bar): float
    {
        return round(self::BOTTOM - (self::BOTTOM - self::TOP) * $bar / $this->setting, 1);
    }
}
