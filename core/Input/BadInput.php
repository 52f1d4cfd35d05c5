<?php

declare(strict_types=1);

namespace Jurvex\Core\Input;

/** Input that is missing or impossible: what is wrong (a code), where (a path such as `hoses.0.bore_mm`), and what was allowed. */
final class BadInput extends \DomainException
{
    /** @param array<string, scalar> $allowed bounds or choices, for the message */
    public function __construct(public readonly string $reason, public readonly string $at, public readonly array $allowed = [])
    {
        parent::__construct(\sprintf('%s at "%s"', $reason, $at));
    }

    /** @param array<string, scalar> $allowed */
    public static function missing(string $at, array $allowed = []): self
    {
        return new self('missing', $at, $allowed);
    }

    public static function notANumber(string $at): self
    {
        return new self('not_a_number', $at);
    }

    public static function outOfRange(string $at, ?float $least = null, ?float $most = null): self
    {
        return new self(
            'out_of_range',
            $at,
            array_filter(['least' => $least, 'most' => $most], static fn (?float $bound) => null !== $bound),
        );
    }

    /** @param list<string> $choices */
    public static function unknownValue(string $at, array $choices): self
    {
        return new self('unknown_value', $at, ['choices' => implode(', ', $choices)]);
    }
}
