<?php

declare(strict_types=1);

namespace Jurvex\Core\Reel;

use Jurvex\Core\Finding\Finding;

/** The same thing logged on the way in and on the way back: the difference is the slack of the rod, and the way back counts. */
final readonly class Pairs
{
    private const NEAR_M = 0.5;
    private const NEAR_SHARE = 0.04;

    /** @param list<Pair> $pairs */
    private function __construct(public array $pairs)
    {
    }

    /**
     * @param list<Finding> $findings
     * @param array<string, bool> $back whether it was logged on the way back, by finding; those that are not named pair with nothing
     */
    public static function of(array $findings, array $back): self
    {
        $in = array_filter($findings, static fn (Finding $finding) => false === ($back[$finding->id] ?? null));
        $pairs = $taken = [];
        foreach ($findings as $finding) {
            if (true !== ($back[$finding->id] ?? null)) {
                continue;
            }
            $best = null;
            foreach ($in as $other) {
                $off = abs($other->from->metres - $finding->from->metres);
                if (!isset($taken[$other->id])
                    && $other->kind === $finding->kind
                    && $off <= max(self::NEAR_M, self::NEAR_SHARE * $finding->from->metres)
                    && (null === $best || $off < abs($best->from->metres - $finding->from->metres))
                ) {
                    $best = $other;
                }
            }
            if (null !== $best) {
                $taken[$best->id] = true;
                $pairs[] = new Pair($best, $finding, $best->from->metres - $finding->from->metres);
            }
        }

        return new self($pairs);
    }

    /** @return list<string> identifiers of what was logged on the way in and again on the way back */
    public function doubled(): array
    {
        return array_map(static fn (Pair $pair) => $pair->in->id, $this->pairs);
    }
}
