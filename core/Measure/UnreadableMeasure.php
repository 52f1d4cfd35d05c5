<?php

declare(strict_types=1);

namespace Jurvex\Core\Measure;

/** Somebody typed a measure that cannot be read; the reason is a code, the wording is the interface's. */
final class UnreadableMeasure extends \DomainException
{
    public const EMPTY = 'empty';
    public const UNCLEAR = 'unclear';
    public const NEGATIVE = 'negative';
    public const TOO_LONG = 'too_long';
    public const TOO_MANY_INCHES = 'too_many_inches';
    public const WRONG_UNIT = 'wrong_unit';

    public function __construct(public readonly string $reason, public readonly string $typed)
    {
        parent::__construct(\sprintf('"%s" cannot be read as a measure: %s.', $typed, $reason));
    }
}
