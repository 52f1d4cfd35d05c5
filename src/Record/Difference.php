<?php

declare(strict_types=1);

namespace App\Record;

/** What of a value changed: of lists and maps only the places that differ, so that a long one is not kept twice for every change. */
final class Difference
{
    /** @return array{mixed, mixed} before and after */
    public static function between(mixed $before, mixed $after): array
    {
        if (!\is_array($before) || !\is_array($after)) {
            return [self::plain($before), self::plain($after)];
        }
        $was = $is = [];
        foreach (array_keys($before + $after) as $key) {
            $inBoth = \array_key_exists($key, $before) && \array_key_exists($key, $after);
            if ($inBoth && $before[$key] === $after[$key]) {
                continue;
            }
            [$old, $new] = $inBoth ? self::between($before[$key], $after[$key]) : [$before[$key] ?? null, $after[$key] ?? null];
            if (\array_key_exists($key, $before)) {
                $was[$key] = self::plain($old);
            }
            if (\array_key_exists($key, $after)) {
                $is[$key] = self::plain($new);
            }
        }

        return [$was, $is];
    }

    /** Another entity is named by its identifier, never written out. */
    private static function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof \BackedEnum => $value->value,
            $value instanceof \DateTimeInterface => $value->format(\DATE_ATOM),
            $value instanceof JobEntry => $value->id(),
            $value instanceof Property => $value->id,
            \is_object($value) => $value::class,
            default => $value,
        };
    }
}
