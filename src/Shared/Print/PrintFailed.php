<?php

declare(strict_types=1);

namespace App\Shared\Print;

/** Chromium is missing, failed, or took too long. */
final class PrintFailed extends \RuntimeException
{
}
