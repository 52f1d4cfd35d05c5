<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Cable\CableSizes;
use Jurvex\Core\Measure\Length;

/** What of a kit is the head that a step asks for. */
final readonly class Pieces
{
    /** @param list<Piece> $pieces */
    public function __construct(private array $pieces, private CableSizes $sizes)
    {
    }

    /**
     * The piece for a head: it passes the way, is long enough if any is, is on a cable that suits the bore, and is the widest; a small
     * head is the narrowest.
     *
     * @param Length $narrowest bore on the way
     * @param Length $bore where it works
     *
     * @return ?Piece none when the kit has none that passes
     */
    public function best(Head $head, Length $narrowest, Length $bore, Length $needed): ?Piece
    {
        $fit = array_filter($this->pieces, static fn (Piece $piece) => $head === $piece->head && $piece->passes($narrowest));
        $rank = fn (Piece $piece) => [
            $piece->length->metres < $needed->metres,
            Machine::Cable === $piece->machine ? $this->sizes->off($piece->toolDiameter, $bore)->metres : 0.0,
            Head::SmallHead === $head ? $piece->size->metres : -$piece->size->metres,
            $piece->id,
        ];
        usort($fit, static fn (Piece $a, Piece $b) => $rank($a) <=> $rank($b));

        return $fit[0] ?? null;
    }
}
