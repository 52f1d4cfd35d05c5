<?php

declare(strict_types=1);

namespace Jurvex\Core\Compare;

/**
 * Whether a look counts its distances otherwise than an earlier one from the same opening. Taken only where what stays proves it:
 * else distances that are a little off would be made wrong by chance.
 */
final readonly class OtherCounter
{
    private const LEAST_PAIRS = 5;
    /** Of several kinds fewer prove it: even joints pair by chance, a joint, a bend and a tap do not. */
    private const LEAST_OF_KINDS = 3;
    private const LEAST_KINDS = 2;
    /** So much more must pair than by the distances as they were read. */
    private const TIMES = 2;
    /** From one opening zeros lie within this of each other. */
    private const MOST_SHIFT_M = 3.0;
    /** Less than this is the same place anyhow. */
    private const MATTERS_M = 0.3;

    /** Whether so much pairs by the distances as they were read that nothing can prove them wrong: then no fit need be looked for. */
    public static function isRuledOut(Seen $before, Seen $after): bool
    {
        return self::TIMES * \count((new Pairings($before->features, $after->features))->under(Fit::none()))
            > min(\count($before->features), \count($after->features));
    }

    private static function isEnough(Fit $fit): bool
    {
        $kinds = array_unique(array_map(static fn (Pairing $pair) => $pair->before->kind->value, $fit->pairs));

        return \count($fit->pairs) >= (\count($kinds) < self::LEAST_KINDS ? self::LEAST_PAIRS : self::LEAST_OF_KINDS);
    }

    /** @param float $reach how far the later look got, in metres */
    public static function isProved(Seen $before, Seen $after, Fit $fit, float $reach): bool
    {
        $farthest = max(abs($fit->shift), abs($fit->carriedBack($reach) - $reach));

        return $farthest > self::MATTERS_M && abs($fit->shift) <= self::MOST_SHIFT_M && self::isEnough($fit)
            && \count($fit->pairs) >= self::TIMES * \count((new Pairings($before->features, $after->features))->under(Fit::none()));
    }
}
