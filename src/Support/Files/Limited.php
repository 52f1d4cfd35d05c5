<?php

declare(strict_types=1);

namespace App\Support\Files;

/** Text from a stream, of which no more is read than may be taken. */
final class Limited
{
    /**
     * @param resource $stream
     *
     * @return ?string none when there is more than that
     */
    public static function text($stream, int $mostBytes): ?string
    {
        $text = (string) stream_get_contents($stream, $mostBytes + 1);

        return \strlen($text) > $mostBytes ? null : $text;
    }
}
