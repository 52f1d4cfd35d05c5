<?php

declare(strict_types=1);

namespace App\Support\Print;

/** Chromium is missing, failed, or took too long. */
final class PrintFailed extends \RuntimeException
{
}
