<?php

declare(strict_types=1);

namespace App\Record;

/** Work that takes longer than anybody should have to stand and wait for. */
enum LongKind: string
{
    case Pdf = 'pdf';
    case Everything = 'everything';
    case Import = 'import';

    /** What the file that it makes is; none where a job is made. */
    public function ending(): ?string
    {
        return match ($this) {
            self::Pdf => 'pdf',
            self::Everything => 'zip',
            self::Import => null,
        };
    }
}
