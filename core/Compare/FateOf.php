<?php

declare(strict_types=1);

namespace Jurvex\Core\Compare;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Measure\Size;

/** One finding of either look, or one of both that are the same thing, and what became of it. */
final readonly class FateOf
{
    private const LESS = 0.75;
    private const MORE = 1.25;

    private function __construct(public ?Finding $before, public ?Finding $after, public Fate $fate)
    {
    }

    public static function both(Finding $before, Finding $after): self
    {
        return new self($before, $after, self::bySizes($before->size, $after->size));
    }

    public static function beforeOnly(Finding $before, bool $isSeenAgain): self
    {
        return new self($before, null, $isSeenAgain ? Fate::Gone : Fate::NotSeen);
    }

    public static function afterOnly(Finding $after, bool $wasHidden): self
    {
        return new self(null, $after, $wasHidden ? Fate::Uncovered : Fate::New);
    }

    /** Sizes are compared in one unit only; without them it is the same. */
    private static function bySizes(?Size $before, ?Size $after): Fate
    {
        if (null === $before || null === $after || $before->unit !== $after->unit) {
            return Fate::Same;
        }

        return match (true) {
            $after->value < self::LESS * $before->value => Fate::Less,
            $after->value > self::MORE * $before->value => Fate::More,
            default => Fate::Same,
        };
    }
}
