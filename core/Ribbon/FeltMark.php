<?php

declare(strict_types=1);

namespace Jurvex\Core\Ribbon;

/** Where on a drawn pass something was felt, in drawing units. */
final readonly class FeltMark
{
    public function __construct(public float $x, public string $felt)
    {
    }
}
