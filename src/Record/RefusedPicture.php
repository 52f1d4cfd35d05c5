<?php

declare(strict_types=1);

namespace App\Record;

/** A picture that is not taken; the reason is a code. */
final class RefusedPicture extends \DomainException
{
    public const TOO_LARGE = 'picture.too_large';
    public const TOO_MANY_PIXELS = 'picture.too_many_pixels';
    public const WRONG_TYPE = 'picture.wrong_type';
    public const MISSING = 'picture.missing';
    public const BROKEN = 'picture.broken';

    public function __construct(public readonly string $reason)
    {
        parent::__construct($reason);
    }
}
