<?php

declare(strict_types=1);

namespace Jurvex\Core\Input;

/**
 * A tree of given values (decoded JSON, a form, a row of a file) read with its type and bounds.
 * Every method throws BadInput with the path of what is missing or impossible.
 */
final readonly class Input
{
    private const SMALLEST = 1e-30;
    private const GREATEST = 1e15;

    /** @param array<mixed> $values */
    public function __construct(private array $values, private string $path = '')
    {
    }

    /** Whether the key is there with something in it. */
    public function has(string $key): bool
    {
        return isset($this->values[$key]) && '' !== $this->values[$key];
    }

    public function number(string $key, float $least = -\INF, float $most = \INF): float
    {
        $value = $this->values[$key] ?? null;
        if (!\is_int($value) && !\is_float($value)) {
            throw $this->missingOr($key, BadInput::notANumber($this->at($key)));
        }
        $size = abs($value);
        // Beyond these a few steps of arithmetic leave the numbers.
        $isSane = ($size >= self::SMALLEST && $size <= self::GREATEST) || 0.0 === (float) $value;
        if (!$isSane || $value < $least || $value > $most) {
            throw BadInput::outOfRange($this->at($key), is_finite($least) ? $least : null, is_finite($most) ? $most : null);
        }

        return (float) $value;
    }

    /** A number without a fraction. */
    public function wholeNumber(string $key, int $least = \PHP_INT_MIN): int
    {
        $value = $this->number($key, $least);
        if (floor($value) !== $value || $value > 1e9) {
            throw BadInput::outOfRange($this->at($key), $least);
        }

        return (int) $value;
    }

    /**
     * A list of numbers over zero.
     *
     * @return list<float>
     */
    public function positives(string $key): array
    {
        $this->required($key);
        $values = $this->map($key);
        $list = new self($values, $this->at($key));

        return array_map(static fn (int|string $place) => $list->positive((string) $place), array_keys($values));
    }

    /** A number over zero. */
    public function positive(string $key): float
    {
        $value = $this->number($key, 0.0);
        if (0.0 === $value) {
            throw new BadInput('out_of_range', $this->at($key), ['over' => 0]);
        }

        return $value;
    }

    public function optionalNumber(string $key, float $least = -\INF, float $most = \INF): ?float
    {
        return $this->has($key) ? $this->number($key, $least, $most) : null;
    }

    public function text(string $key, int $longest = 4000): string
    {
        $value = $this->values[$key] ?? null;
        if (!\is_string($value) || '' === $value) {
            throw $this->missingOr($key, new BadInput('not_text', $this->at($key)));
        }
        // No text has more characters than bytes.
        if (\strlen($value) > $longest && mb_strlen($value) > $longest) {
            throw new BadInput('too_long', $this->at($key), ['longest' => $longest]);
        }

        return $value;
    }

    public function optionalText(string $key, int $longest = 4000): string
    {
        return $this->has($key) ? $this->text($key, $longest) : '';
    }

    public function flag(string $key): bool
    {
        $value = $this->values[$key] ?? false;
        if (!\is_bool($value)) {
            throw new BadInput('not_yes_or_no', $this->at($key));
        }

        return $value;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function choice(string $key, string $enum): \BackedEnum
    {
        $value = $this->values[$key] ?? null;
        $case = \is_string($value) ? $enum::tryFrom($value) : null;
        if (null === $case) {
            $known = array_map(static fn (\BackedEnum $case) => (string) $case->value, $enum::cases());
            throw $this->missingOr($key, BadInput::unknownValue($this->at($key), $known));
        }

        return $case;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return ?T
     */
    public function optionalChoice(string $key, string $enum): ?\BackedEnum
    {
        return $this->has($key) ? $this->choice($key, $enum) : null;
    }

    /** What stands under a key, itself read with its types. */
    public function object(string $key): self
    {
        $value = $this->required($key);
        if (!\is_array($value)) {
            throw new BadInput('unknown_value', $this->at($key));
        }

        return new self($value, $this->at($key));
    }

    /** @return list<self> */
    public function objects(string $key): array
    {
        $rows = $this->object($key)->values;
        $objects = [];
        foreach (array_values($rows) as $i => $row) {
            if (!\is_array($row)) {
                throw new BadInput('unknown_value', $this->at($key).'.'.$i);
            }
            $objects[] = new self($row, $this->at($key).'.'.$i);
        }

        return $objects;
    }

    /** One of some words. */
    public function word(string $key, string ...$choices): string
    {
        $value = $this->required($key);
        if (!\is_string($value) || !\in_array($value, $choices, true)) {
            throw BadInput::unknownValue($this->at($key), array_values($choices));
        }

        return $value;
    }

    /** @return array<mixed> */
    public function map(string $key): array
    {
        $value = $this->values[$key] ?? [];
        if (!\is_array($value)) {
            throw new BadInput('unknown_value', $this->at($key));
        }

        return $value;
    }

    public function at(string $key): string
    {
        return '' === $this->path ? $key : $this->path.'.'.$key;
    }

    private function required(string $key): mixed
    {
        return $this->has($key) ? $this->values[$key] : throw BadInput::missing($this->at($key));
    }

    private function missingOr(string $key, BadInput $otherwise): BadInput
    {
        return $this->has($key) ? $otherwise : BadInput::missing($this->at($key));
    }
}
