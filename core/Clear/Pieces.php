<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Cable\CableSizes;
use Jurvex\Core\Measure\Length;

/** What of a kit is the head that a step asks for. */
final readonly class Pieces
{
    /**
     * @param list<Piece> $pieces
     * @param array<string, HeadReach> $reaches by piece; none where nobody knows the way
     */
    public function __construct(private array $pieces, private CableSizes $sizes, private array $reaches = [])
    {
    }

    /**
     * The piece for a head: it passes the way, gets there and out again if any does, is long enough if any is, is on a cable that
     * suits the narrowest bore on the way, and is the widest; a small head is the narrowest.
     *
     * @param Length $needed from the opening, with what stays at the machine
     * @param Length $there from the foot of the drop
     *
     * @return ?Piece none when the kit has none that passes
     */
    public function best(Head $head, Length $narrowest, Length $needed, Length $there): ?Piece
    {
        $fit = array_filter($this->pieces, static fn (Piece $piece) => $head === $piece->head && $piece->passes($narrowest));
        $rank = fn (Piece $piece) => [
            !$this->reaches($piece, $there),
            $piece->length->metres < $needed->metres,
            Machine::Cable === $piece->machine ? $this->sizes->off($piece->toolDiameter, $narrowest)->metres : 0.0,
            Head::SmallHead === $head ? $piece->size->metres : -$piece->size->metres,
            $piece->id,
        ];
        usort($fit, static fn (Piece $a, Piece $b) => $rank($a) <=> $rank($b));

        return $fit[0] ?? null;
    }

    private function reaches(Piece $piece, Length $there): bool
    {
        $reach = $this->reaches[$piece->id] ?? null;

        return null === $reach || $reach->worksAt($there);
    }
}
