<?php

declare(strict_types=1);

namespace App\Demo;

/** A drawn stand-in for a picture from the line. */
final class DemoPicture
{
    private const WIDTH = 960;
    private const HEIGHT = 720;

    /**
     * @param int $cords roots that hang from the crown
     *
     * @return string a JPEG: the view down a clay pipe with roots hanging from the crown
     */
    public static function rootsInClay(int $cords): string
    {
        $picture = imagecreatetruecolor(self::WIDTH, self::HEIGHT);
        \assert(false !== $picture);
        $x = intdiv(self::WIDTH, 2);
        $y = intdiv(self::HEIGHT, 2);
        for ($radius = 470; $radius > 10; $radius -= 4) {
            $light = ($radius / 470) ** 1.6;
            $joint = 0 === $radius % 92 ? 0.55 : 1.0;
            $colour = (int) imagecolorallocate(
                $picture,
                self::shade(178 * $light * $joint),
                self::shade(112 * $light * $joint),
                self::shade(76 * $light * $joint),
            );
            imagefilledellipse($picture, $x, $y, $radius * 2, $radius * 2, $colour);
        }
        imagesetthickness($picture, 4);
        for ($i = 0; $i < $cords; ++$i) {
            $colour = (int) imagecolorallocate($picture, 150 + $i % 5 * 14, 132 + $i % 4 * 9, 84);
            $start = $x - 5 * $cords + $i * 10;
            $top = $y - 190 + abs($i - intdiv($cords, 2)) * 3;
            imageline($picture, $start, $top, $start + ($i * 37 % 44) - 22, $y - 60 + ($i * 53 % 90), $colour);
        }
        ob_start();
        imagejpeg($picture, null, 88);

        return (string) ob_get_clean();
    }

    /** @return int<0, 255> */
    private static function shade(float $value): int
    {
        return max(0, min(255, (int) $value));
    }
}
