<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\Run;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** The recordings of runs, each a file that is kept as it came. One that is replaced stays beside the new one. */
final readonly class Recordings
{
    private const TYPES = ['video/mp4', 'video/webm', 'video/ogg', 'video/quicktime', 'video/x-matroska'];
    /** Left free for everything else that the server writes, in bytes. */
    private const RESERVE = 200_000_000;
    private const LONGEST_NAME = 200;

    public function __construct(
        private EntityManagerInterface $manager,
        private Filesystem $files,
        #[Autowire('%kernel.project_dir%/var/data/recordings')] private string $folder,
    ) {
    }

    /**
     * Written aside, checked, then switched; where anything fails, what was attached before is as it was.
     *
     * @throws RefusedRecording
     */
    public function attach(Run $run, ?UploadedFile $upload): void
    {
        if (null === $upload || !$upload->isValid()) {
            throw new RefusedRecording(RefusedRecording::NONE);
        }
        $this->files->mkdir($this->folder, 0o700);
        if (disk_free_space($this->folder) < $upload->getSize() + self::RESERVE) {
            throw new RefusedRecording(RefusedRecording::NO_ROOM);
        }
        $name = mb_substr($upload->getClientOriginalName(), 0, self::LONGEST_NAME);
        $aside = $upload->move($this->folder, $run->id.'.'.bin2hex(random_bytes(6)).'.new')->getPathname();
        try {
            $type = (new \finfo(\FILEINFO_MIME_TYPE))->file($aside);
            if (!\is_string($type) || !\in_array($type, self::TYPES, true)) {
                throw new RefusedRecording(RefusedRecording::NONE);
            }
            $this->switch($run, $aside, $name, $type);
        } finally {
            $this->files->remove($aside);
        }
    }

    /** None where no recording lies here. */
    public function path(Run $run): ?string
    {
        $path = $this->folder.'/'.$run->id;

        return null !== $run->videoType() && is_file($path) ? $path : null;
    }

    private function switch(Run $run, string $aside, string $name, string $type): void
    {
        $path = $this->folder.'/'.$run->id;
        $before = $path.'.'.bin2hex(random_bytes(6)).'.before';
        $had = is_file($path);
        if ($had) {
            $this->files->rename($path, $before);
        }
        try {
            $this->files->rename($aside, $path);
            $run->attachVideo($name, $type);
            $this->manager->flush();
        } catch (\Throwable $failure) {
            if ($had) {
                $this->files->rename($before, $path, true);
            }
            throw $failure;
        }
    }
}
