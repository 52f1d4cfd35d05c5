<?php

declare(strict_types=1);

namespace Jurvex\Core\Triage;

/** One fixture is run while another place is watched. */
final readonly class MadeTest
{
    public const FIXTURE_ANSWERS = ['rises', 'nothing'];
    public const OPENING_ANSWERS = ['rises', 'runs_by', 'nothing'];

    public string $id;

    public function __construct(public Point $run, public Point $watched, public ?string $seen = null)
    {
        $this->id = $run->id.'>'.$watched->id;
    }

    /** @return list<string> what can be seen at the watched place */
    public function answers(): array
    {
        return $this->watched->isFixture() ? self::FIXTURE_ANSWERS : self::OPENING_ANSWERS;
    }
}
