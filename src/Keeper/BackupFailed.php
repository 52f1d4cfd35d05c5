<?php

declare(strict_types=1);

namespace App\Keeper;

/** A copy that was not made, or is not to be trusted; nothing was put in the place of anything. */
final class BackupFailed extends \RuntimeException
{
}
