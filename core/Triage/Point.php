<?php

declare(strict_types=1);

namespace Jurvex\Core\Triage;

/** A fixture or an opening where something can be seen. */
final readonly class Point
{
    public const FIXTURE_ANSWERS = ['backs_up', 'slow', 'drains'];
    public const OPENING_ANSWERS = ['standing', 'dry'];

    /** @param ?float $level of a fixture, in metres; none for an opening */
    public function __construct(public string $id, public string $node, public ?float $level, public ?string $seen)
    {
    }

    public function isFixture(): bool
    {
        return null !== $this->level;
    }

    /** @return list<string> what can be seen here */
    public function answers(): array
    {
        return $this->isFixture() ? self::FIXTURE_ANSWERS : self::OPENING_ANSWERS;
    }
}
