<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\Run;
use App\Support\Files\Store;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/** The recordings of runs, each a file that is kept as it came. One that is replaced stays beside the new one. */
final readonly class Recordings
{
    private const TYPES = ['video/mp4', 'video/webm', 'video/ogg', 'video/quicktime', 'video/x-matroska'];
    /** Left free for everything else that the server writes, in bytes. */
    private const RESERVE = 200_000_000;
    private const LONGEST_NAME = 200;

    public function __construct(private EntityManagerInterface $manager, private Store $recordings)
    {
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
        if ($this->recordings->room() < $upload->getSize() + self::RESERVE) {
            throw new RefusedRecording(RefusedRecording::NO_ROOM);
        }
        $type = (new \finfo(\FILEINFO_MIME_TYPE))->file($upload->getPathname());
        if (!\is_string($type) || !\in_array($type, self::TYPES, true)) {
            throw new RefusedRecording(RefusedRecording::NONE);
        }
        $aside = $run->id.'.'.bin2hex(random_bytes(6)).'.new';
        $this->recordings->put($aside, $upload->getPathname());
        try {
            $this->switch($run, $aside, mb_substr($upload->getClientOriginalName(), 0, self::LONGEST_NAME), $type);
        } finally {
            $this->recordings->remove($aside);
        }
    }

    /** None where no recording lies here. */
    public function answer(Run $run, Request $request): ?Response
    {
        $type = $run->videoType();

        return null !== $type && $this->recordings->has($run->id) ? $this->recordings->answer($run->id, $type, $request) : null;
    }

    private function switch(Run $run, string $aside, string $name, string $type): void
    {
        $before = $run->id.'.'.bin2hex(random_bytes(6)).'.before';
        $had = $this->recordings->has($run->id);
        if ($had) {
            $this->recordings->rename($run->id, $before);
        }
        try {
            $this->recordings->rename($aside, $run->id);
            $run->attachVideo($name, $type);
            $this->manager->flush();
        } catch (\Throwable $failure) {
            if ($had) {
                $this->recordings->rename($before, $run->id);
            }
            throw $failure;
        }
    }
}
