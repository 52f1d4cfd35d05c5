<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Firm\Firm;
use App\HandOver\JobFile\JobFileWriter;
use App\Record\Job;
use Doctrine\ORM\EntityManagerInterface;

/** All of a firm in one zip: the job file of every job, with its pictures, one after the other. */
final readonly class FirmData
{
    public function __construct(private EntityManagerInterface $manager, private JobFileWriter $writer)
    {
    }

    /**
     * @param string $path where the zip goes
     * @param \Closure(int, int): void $hear called with how many jobs of how many are in it
     */
    public function write(Firm $firm, string $path, \Closure $hear): void
    {
        /** @var list<string> $ids */
        $ids = $this->manager->createQuery('SELECT job.id FROM '.Job::class.' job WHERE job.firm = :firm ORDER BY job.id')
            ->setParameter('firm', $firm->id)->getSingleColumnResult();
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::CREATE | \ZipArchive::OVERWRITE);
        $folder = $path.'.jobs';
        mkdir($folder, 0o700);
        try {
            foreach ($ids as $done => $id) {
                $hear($done, \count($ids) + 1);
                $job = $this->manager->find(Job::class, $id);
                \assert(null !== $job);
                $name = 'jobs/'.$job->id.'.json';
                file_put_contents($folder.'/'.$id, $this->writer->write($job));
                $zip->addFile($folder.'/'.$id, $name);
                // One job after the other in memory, however many there are.
                $this->manager->clear();
            }
            $zip->addEmptyDir('jobs');
            $zip->close();
        } finally {
            array_map(unlink(...), glob($folder.'/*') ?: []);
            rmdir($folder);
        }
    }
}
