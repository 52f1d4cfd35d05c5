<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** How firmly somebody says that something with no place is there, the firmest first. */
enum Telling
{
    case Here;
    /** Shown, or what may be all along the pipe. */
    case Shown;
    case Named;
    /** Among talk, with nothing that shows it. */
    case AmidTalk;

    /**
     * Whether it counts in a run: where places are told, what has none was talked of; whoever mostly shows, and seldom says where, does
     * not talk.
     *
     * @param int $placed how many things of the run have a place
     * @param int $unplaced how many have none and are not told to be here
     */
    public function counts(int $placed, int $unplaced): bool
    {
        return match ($this) {
            self::Here => true,
            self::Shown => $placed <= $unplaced,
            self::Named, self::AmidTalk => 0 === $placed,
        };
    }
}
