<?php

declare(strict_types=1);

namespace App\Record;

/** Work that takes longer than anybody should have to stand and wait for. */
enum LongKind: string
{
    case Pdf = 'pdf';
    case Everything = 'everything';
    /** Every job of a firm. */
    case Firm = 'firm';
    case Import = 'import';

    /** What the file that it makes is; none where a job is made. */
    public function ending(): ?string
    {
        return match ($this) {
            self::Pdf => 'pdf',
            self::Everything, self::Firm => 'zip',
            self::Import => null,
        };
    }
}
