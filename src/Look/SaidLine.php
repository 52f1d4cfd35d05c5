<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\Narrated;
use Jurvex\Core\Say\Command;
use Jurvex\Core\Say\Reading;

/** A line as it was said to the screen, and what is read from it. */
final readonly class SaidLine
{
    /**
     * @param list<SaidEntry> $entries that it makes or completes
     * @param list<array{string, bool}> $pieces what was said, in pieces that were understood and pieces that were not
     * @param bool $isAgain whether all that it names was said just before
     */
    public function __construct(
        public Narrated $narrated, public ?Command $command, public array $entries, public array $pieces, public bool $isAgain = false,
    ) {
    }

    /** What nobody understood. */
    public function rest(): string
    {
        return Reading::unknown($this->pieces);
    }

    /** @return list<array{float, float}> where it is said that something is: seconds and metres */
    public function places(): array
    {
        $places = array_map(static fn (SaidEntry $each) => $each->entry->fromM, $this->entries);
        $known = array_filter([...$places, $this->command?->atM], static fn (?float $place) => null !== $place);

        return array_map(fn (float $place) => [$this->narrated->cues[0][0], $place], array_values($known));
    }

    /** @return list<SaidEntry> that can be stored */
    public function whole(): array
    {
        return array_values(array_filter($this->entries, static fn (SaidEntry $each) => null !== $each->becomes));
    }
}
