<?php

declare(strict_types=1);

namespace App\Screen;

use App\Record\Job;
use App\Record\Opening;
use App\Record\OpeningDetails;
use App\Record\Run;
use App\Record\RunDetails;
use App\Support\Database\Id;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpFoundation\Response;

/**
 * Pages as they will be once something has begun that has not: a browser takes them along and shows them where it begins without a
 * network. They are made by beginning it and taking that back. What has begun is there under Id::AHEAD.
 */
final readonly class AheadPages
{
    /** Stands for how a run or a pass was begun; the browser knows it. */
    public const BEGUN = '{begun}';
    /** Stands for when it was, in milliseconds since 1970. */
    public const AT = '{at}';
    /** Stands for where an opening is. */
    public const PLACE = '{place}';

    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /**
     * Nothing may have asked the job for its lists before: they are read with what was begun.
     *
     * @param list<object> $begun what has begun, in its order
     * @param \Closure(): Response $page
     */
    public function with(array $begun, \Closure $page): Response
    {
        $connection = $this->manager->getConnection();
        $connection->beginTransaction();
        try {
            foreach ($begun as $each) {
                $this->manager->persist($each);
            }
            $this->manager->flush();

            return $page();
        } finally {
            $connection->rollBack();
            $this->manager->clear();
        }
    }

    /** An opening that is not stored yet; it is the job's own where the job has none. */
    public static function opening(Job $job): Opening
    {
        $details = new OpeningDetails();
        $details->place = self::PLACE;
        $opening = new Opening(Id::AHEAD, $job, $details);
        $job->chooseOpening($job->chosenOpening() ?? $opening, $job->zero(), $job->zeroNote());

        return $opening;
    }

    public static function run(Job $job, Opening $opening, \DateTimeImmutable $now): Run
    {
        return new Run(Id::AHEAD, $job, $opening, $now, new RunDetails());
    }
}
