<?php

declare(strict_types=1);

namespace App\HandOver\LongWork;

final readonly class DoLongWork
{
    public function __construct(public string $id)
    {
    }
}
