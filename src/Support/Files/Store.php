<?php

declare(strict_types=1);

namespace App\Support\Files;

use League\Flysystem\DirectoryListing;
use League\Flysystem\FilesystemOperator;
use League\Flysystem\StorageAttributes;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/** Files that every server sees: a folder of the one server, or a bucket that several share. Names have no folders in them. */
final readonly class Store
{
    private Filesystem $disk;

    public function __construct(private FilesystemOperator $files, private StorePlace $place)
    {
        $this->disk = new Filesystem();
    }

    /** @param string $path of a file on this server, which stays there */
    public function put(string $name, string $path): void
    {
        $stream = fopen($path, 'r') ?: throw new \RuntimeException('No file lies at '.$path.'.');
        try {
            $this->files->writeStream($name, $stream);
        } finally {
            if (\is_resource($stream)) {
                fclose($stream);
            }
        }
    }

    public function has(string $name): bool
    {
        return $this->files->fileExists($name);
    }

    /** One that has the name already is gone then. */
    public function rename(string $from, string $to): void
    {
        $this->files->move($from, $to);
    }

    /** Nothing where there is none. */
    public function remove(string $name): void
    {
        $this->files->delete($name);
    }

    /** @return resource from its beginning */
    public function open(string $name)
    {
        return $this->files->readStream($name);
    }

    /** A copy of it as a file of this server. */
    public function fetch(string $name, string $path): void
    {
        $this->disk->dumpFile($path, $this->open($name));
    }

    /** @return list<string> */
    public function names(): array
    {
        /** @var DirectoryListing<StorageAttributes> $listing */
        $listing = $this->files->listContents('');

        return array_values(array_map(static fn (StorageAttributes $file) => $file->path(), $listing->filter(
            static fn (StorageAttributes $file) => $file->isFile(),
        )->sortByPath()->toArray()));
    }

    /** Bytes that can still be put here, as far as anybody knows. */
    public function room(): float
    {
        return $this->place->room();
    }

    /** The file, or the part of it that was asked for, as a player does. */
    public function answer(string $name, string $type, Request $request): Response
    {
        return $this->place->answer($name, $type, $request);
    }
}
