<?php

declare(strict_types=1);

namespace App\HandOver\JobFile;

use App\Record\Job;
use App\Record\JobPicture;
use App\Record\PictureReader;
use App\Record\RefusedPicture;
use Doctrine\DBAL\Connection;

/** Pictures of findings, marks, openings and the place; none is in memory longer than it is looked at. */
final readonly class Pictures
{
    public function __construct(private Intake $intake, private Connection $connection)
    {
    }

    /** Of the place and of its openings. */
    public function ofJob(Row $document, Job $job): void
    {
        foreach ($document->rows('pictures') as $row) {
            $id = $this->intake->id($row);
            $opening = $this->intake->opening($row, 'opening');
            $picture = new JobPicture($id, $job, $opening, $row->time('taken_at'), $row->text('note'));
            $this->intake->addWithdrawable($picture, $row);
            $this->take($row, $id);
        }
    }

    /** @param string $of the finding or mark that the row is of */
    public function take(Row $row, string $of): void
    {
        if (null === $row->optionalText('photo')) {
            return;
        }
        try {
            $picture = PictureReader::fromJobFile($of, $row->longText('photo'));
            $values = ['finding_id' => $of, 'width' => $picture->width, 'height' => $picture->height];
            $isAsItCame = $picture->jpeg === $row->longText('photo');
            $this->intake->later(function () use ($row, $values, $isAsItCame): void {
                $given = $row->longText('photo');
                $jpeg = $isAsItCame ? $given : PictureReader::fromJobFile($values['finding_id'], $given)->jpeg;
                $this->connection->insert('photo', [...$values, 'jpeg' => $jpeg]);
            });
        } catch (RefusedPicture $refused) {
            $this->intake->refuse($row->below('photo'), $refused->reason);
        }
    }
}
