<?php

declare(strict_types=1);

namespace App\Support\Files;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/** What a folder and a bucket do each in its own way. */
interface StorePlace
{
    public function room(): float;

    public function answer(string $name, string $type, Request $request): Response;
}
