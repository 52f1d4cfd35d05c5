<?php

declare(strict_types=1);

namespace App\Screen;

use Symfony\Component\HttpFoundation\Request;

/** Whether drawings are made for a phone. */
final readonly class ScreenWidth
{
    /** Set by the page's script, which alone knows how wide the screen is. */
    private const COOKIE = 'narrow';

    public static function isNarrow(Request $request): bool
    {
        return '1' === $request->cookies->get(self::COOKIE);
    }
}
