<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Run\Travel;

/** The map that the first look makes where there was none: its opening, the pipes that it saw with their bends and joins, its end. */
final class FirstMap
{
    private const OUTLET = 'main';
    private const LINE = 'line';

    /** @return ?Sketch none of a look against the flow, which does not tell where the line goes, or that saw nothing */
    public static function of(Node $opening, MappedRun $run): ?Sketch
    {
        $record = $run->record;
        $seen = $record->reached->metres - $run->lead;
        if (Travel::Downstream !== $record->travel || $seen <= 0) {
            return null;
        }
        // Where the look did not come to the end, how far the line goes on is guessed.
        $isWhole = true === $record->ended?->isComplete();
        $length = $isWhole ? $seen : max($seen, $record->length()->metres - $run->lead);
        $line = new Pipe(
            self::LINE, $opening->id, self::OUTLET, new Known($length, $isWhole ? Source::Seen : Source::Guessed),
            new Known($record->bore?->inMillimetres() ?? HouseTables::bore($record->material, 4)->inMillimetres()), $record->material,
        );

        return array_reduce(
            (new Proposals(new Sketch([Node::outlet(self::OUTLET), $opening], [$line]), $run))->all(),
            static fn (Sketch $sketch, Proposal $proposal) => $proposal->acceptedIn($sketch),
            new Sketch([Node::outlet(self::OUTLET), $opening], [$line]),
        );
    }
}
