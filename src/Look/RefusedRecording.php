<?php

declare(strict_types=1);

namespace App\Look;

/** A recording that is not taken; the reason is the key of its words. */
final class RefusedRecording extends \DomainException
{
    public const NONE = 'error.recording';
    public const NO_ROOM = 'error.disk_full';

    public function __construct(public readonly string $reason)
    {
        parent::__construct($reason);
    }
}
