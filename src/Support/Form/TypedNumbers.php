<?php

declare(strict_types=1);

namespace App\Support\Form;

/** Fields of a plain form as numbers where one was typed; the rest stays, for the core to refuse at its place. */
final class TypedNumbers
{
    /**
     * @param array<mixed> $typed
     *
     * @return array<mixed>
     */
    public static function read(array $typed): array
    {
        return array_map(static fn (mixed $value) => match (true) {
            \is_array($value) => self::read($value),
            \is_string($value) && is_numeric(str_replace(',', '.', trim($value))) => (float) str_replace(',', '.', trim($value)),
            default => $value,
        }, $typed);
    }
}
