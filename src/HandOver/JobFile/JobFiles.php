<?php

declare(strict_types=1);

namespace App\HandOver\JobFile;

use App\Support\Files\FileError;
use App\Support\Files\RefusedFile;

/** Finds the job file in what was given in. */
final class JobFiles
{
    private const IN_THE_ZIP = 'job.json';

    /**
     * @return resource the file itself, or the job file of a zip with everything
     *
     * @throws RefusedFile for a zip without one
     */
    public static function open(string $path)
    {
        $stream = fopen($path, 'r') ?: throw new RefusedFile([new FileError('', 'job_file.not_json')]);
        if ('PK' !== fread($stream, 2)) {
            rewind($stream);

            return $stream;
        }

        return @fopen('zip://'.$path.'#'.self::IN_THE_ZIP, 'r')
            ?: throw new RefusedFile([new FileError(self::IN_THE_ZIP, 'job_file.not_in_zip')]);
    }
}
