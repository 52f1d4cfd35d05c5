<?php

declare(strict_types=1);

namespace App\Support\Logging;

/** Somebody whose doings are a firm's own to read. */
interface OfAFirm
{
    public function firmId(): string;
}
