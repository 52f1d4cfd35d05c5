<?php

declare(strict_types=1);

namespace App\Support\Files;

use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/** A folder on this server's disk. */
final readonly class FolderPlace implements StorePlace
{
    public function __construct(private string $folder)
    {
    }

    public function room(): float
    {
        return is_dir($this->folder) ? (float) disk_free_space($this->folder) : \INF;
    }

    public function answer(string $name, string $type, Request $request): Response
    {
        return new BinaryFileResponse($this->folder.'/'.$name, headers: ['Content-Type' => $type], public: false);
    }
}
