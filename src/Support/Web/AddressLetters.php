<?php

declare(strict_types=1);

namespace App\Support\Web;

/** Bytes in letters that may stand in an address (base64url of RFC 4648, without its padding). */
final class AddressLetters
{
    public static function of(string $bytes): string
    {
        return rtrim(strtr(base64_encode($bytes), '+/', '-_'), '=');
    }
}
