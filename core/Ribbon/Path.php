<?php

declare(strict_types=1);

namespace Jurvex\Core\Ribbon;

/** Writes SVG path data with one decimal. */
final class Path
{
    private string $data = '';

    /** @param iterable<array{float, float}> $points */
    public static function along(iterable $points): self
    {
        $path = new self();
        $command = 'M';
        foreach ($points as [$x, $y]) {
            $path->data .= $command.round($x, 1).' '.round($y, 1);
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
        return $this->add('M', $x, $y);
    }

    public function line(float $x, float $y): self
    {
        return $this->add('L', $x, $y);
    }

    /** Straight down from where the path stands. */
    public function down(float $length): self
    {
        return $this->add('v', $length);
    }

    public function curve(float $controlX, float $controlY, float $x, float $y): self
    {
        return $this->add('Q', $controlX, $controlY, $x, $y);
    }

    public function arc(float $radius, float $x, float $y): self
    {
        return $this->add('A', $radius, $radius, 0, 1, 1, $x, $y);
    }

    public function close(): self
    {
        $this->data .= 'Z';

        return $this;
    }

    public function data(): string
    {
        return $this->data;
    }

    private function add(string $command, float ...$numbers): self
    {
        $this->data .= $command;
        foreach ($numbers as $i => $number) {
            $this->data .= (0 === $i ? '' : ' ').round($number, 1);
        }

        return $this;
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
