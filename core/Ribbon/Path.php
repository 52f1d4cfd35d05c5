<?php

declare(strict_types=1);

namespace Jurvex\Core\Ribbon;

/** Writes SVG path data with one decimal. */
final class Path
{
    /** @var array<int, string> numbers written so far, by their tenths: a drawing has the same ones again and again */
    private static array $written = [];

    private string $data = '';

    /** @param iterable<array{float, float}> $points */
    public static function along(iterable $points): self
    {
        $path = new self();
        $command = 'M';
        foreach ($points as [$x, $y]) {
            $path->data .= $command.self::number($x).' '.self::number($y);
            $command = 'L';
        }

        return $path;
    }

    /** @param iterable<array{float, float}> $points */
    public static function around(iterable $points): self
    {
        return self::along($points)->close();
    }

    public function move(float $x, float $y): self
    {
        return $this->add('M'.self::number($x).' '.self::number($y));
    }

    public function line(float $x, float $y): self
    {
        return $this->add('L'.self::number($x).' '.self::number($y));
    }

    /** Straight down from where the path stands. */
    public function down(float $length): self
    {
        return $this->add('v'.self::number($length));
    }

    public function curve(float $controlX, float $controlY, float $x, float $y): self
    {
        return $this->add('Q'.self::number($controlX).' '.self::number($controlY).' '.self::number($x).' '.self::number($y));
    }

    public function arc(float $radius, float $x, float $y): self
    {
        return $this->add('A'.self::number($radius).' '.self::number($radius).' 0 1 1 '.self::number($x).' '.self::number($y));
    }

    public function close(): self
    {
        return $this->add('Z');
    }

    public function data(): string
    {
        return $this->data;
    }

    private function add(string $data): self
    {
        $this->data .= $data;

        return $this;
    }

    private static function number(float $number): string
    {
        $tenths = (int) round($number * 10);

        return self::$written[$tenths] ??= (string) ($tenths / 10);
    }

    /** Up and down about a height, a step apart. */
    public static function zigzag(float $from, float $to, float $y, float $height, float $step): self
    {
        $points = [];
        for ($x = $from, $up = 1; $x <= $to; $x += $step, $up = -$up) {
            $points[] = [$x, $y + $up * $height];
        }

        return self::along($points);
    }

    /** A hole with ragged edges. */
    public static function jagged(float $from, float $to, float $y, float $height): self
    {
        return self::around([
            [$from, $y], [$from + 4, $y - $height], [($from + $to) / 2 - 2, $y - $height * 0.5],
            [$to - 3, $y - $height], [$to, $y + 2], [$to - 5, $y + $height], [($from + $to) / 2, $y + $height * 0.5],
            [$from + 3, $y + $height],
        ]);
    }
}
