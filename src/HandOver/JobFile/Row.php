<?php

declare(strict_types=1);

namespace App\HandOver\JobFile;

/** An object of a job file that fits the schema, read with its types; what is not there is empty. */
final readonly class Row
{
    /** @param array<mixed> $values */
    public function __construct(public array $values, public string $at, private ?SpilledJson $file = null)
    {
    }

    public function text(string $key): string
    {
        $value = $this->values[$key] ?? '';

        return \is_string($value) ? $value : '';
    }

    /** A text that may be long, such as a picture's. */
    public function longText(string $key): string
    {
        return $this->file?->whole($this->text($key)) ?? $this->text($key);
    }

    /** None for an empty text, too. */
    public function optionalText(string $key): ?string
    {
        return '' === $this->text($key) ? null : $this->text($key);
    }

    public function number(string $key): ?float
    {
        $value = $this->values[$key] ?? null;

        return \is_int($value) || \is_float($value) ? (float) $value : null;
    }

    public function flag(string $key): ?bool
    {
        $value = $this->values[$key] ?? null;

        return \is_bool($value) ? $value : null;
    }

    public function time(string $key): \DateTimeImmutable
    {
        return (new \DateTimeImmutable($this->text($key)))->setTimezone(new \DateTimeZone('UTC'));
    }

    public function optionalTime(string $key): ?\DateTimeImmutable
    {
        return null === $this->optionalText($key) ? null : $this->time($key);
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
        return $enum::from($this->text($key));
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
        return $enum::tryFrom($this->text($key));
    }

    public function object(string $key): ?self
    {
        $value = $this->values[$key] ?? null;

        return \is_array($value) ? new self($value, $this->below($key), $this->file) : null;
    }

    /** @return list<self> */
    public function rows(string $key): array
    {
        $rows = [];
        $values = $this->values[$key] ?? [];
        foreach (\is_array($values) ? array_values($values) : [] as $i => $row) {
            $rows[] = new self(\is_array($row) ? $row : [], $this->below($key.'.'.$i), $this->file);
        }

        return $rows;
    }

    /** Where a key of this object stands in the file. */
    public function below(string $key): string
    {
        return '' === $this->at ? $key : $this->at.'.'.$key;
    }
}
