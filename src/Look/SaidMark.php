<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\Mark;
use App\Record\MarkDetails;
use App\Record\Paint;
use App\Record\Run;
use Jurvex\Core\Say\Entry;

/** What was said of a located point, as a mark. */
final class SaidMark
{
    /** @return ?Mark none where nobody said how deep it is */
    public static function of(Entry $entry, string $id, Run $run, \DateTimeImmutable $at): ?Mark
    {
        if (null === $entry->depthM) {
            return null;
        }
        $details = new MarkDetails();
        $details->atM = $entry->fromM;
        $details->depthsM = null === $entry->depthToM ? [$entry->depthM] : [$entry->depthM, $entry->depthToM];
        [$details->paint, $details->note] = [Paint::NotSaid, $entry->said];

        return new Mark($id, $run, $at, $details);
    }
}
