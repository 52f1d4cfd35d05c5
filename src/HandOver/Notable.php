<?php

declare(strict_types=1);

namespace App\HandOver;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Judge\Judgement;

/** A finding that a reader of the report should know of. */
final readonly class Notable
{
    public function __construct(public Finding $finding, public Judgement $judgement)
    {
    }
}
