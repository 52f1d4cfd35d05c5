<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** What the camera comes out in at the end of a line: "nine metres the gully trap", "into the interceptor at 5.1". */
final readonly class Outlets
{
    /** The way by which an end of the line is named that only the farthest place of a run can be. */
    public const NAMED = 'outlet';
    /** So many words lie between a place and what is reached there. */
    private const ARRIVING_WORDS = 8;
    /** "The boundary, and that's at fourteen": so many words between. */
    private const TOLD_WORDS = 3;
    /** "An incoming gully": so many words before the name. */
    private const ONE_WORDS = 2;

    public function __construct(private Sentence $sentence, private Measures $measures)
    {
    }

    /** @return list<Mention> with their places */
    public function all(): array
    {
        $outlets = [];
        foreach ($this->sentence->marks('outlet') as $first => $last) {
            $place = $this->isFree($first, $last) ? $this->placeOf($first, $last) : null;
            if (null !== $place && null === $place->to) {
                $outlet = new Mention(Kind::EndOfLine, $first, $last, by: self::NAMED);
                $outlet->place = $place;
                $outlets[] = $outlet;
            }
        }

        return $outlets;
    }

    /** Whether these words are in the sentence, and no part of another name. */
    private function isFree(int $first, int $last): bool
    {
        $isName = static fn (Atom $atom) => \in_array($atom->role, [Atom::KIND, Atom::NONE], true)
            && $atom->first <= $last && $atom->last >= $first;

        // "I'm in from the upstream manhole"
        return $first >= $this->sentence->first && $last <= $this->sentence->last
            && !$this->sentence->isAfter('from', $first, self::ONE_WORDS) && [] === array_filter($this->sentence->atoms, $isName);
    }

    private function placeOf(int $first, int $last): ?Place
    {
        // "… and the gully is at eight", but not "that's an incoming gully at 3.9": that comes in.
        for ($next = $last + 1; $next <= $last + self::TOLD_WORDS && $this->sentence->is('arriving', $next); ++$next) {
            if (null !== $this->sentence->begins('at', $next)) {
                break;
            }
        }
        $at = $this->sentence->begins('at', $next);
        $isOne = $this->sentence->isAny('one', $first - self::ONE_WORDS, $first - 1);
        $behind = null === $at || $isOne ? null : $this->measures->placeAt($at + 1);
        for ($i = $first - 1; $i > $first - self::ARRIVING_WORDS && $this->sentence->is('arriving', $i); --$i) {
        }

        return $behind ?? $this->measures->placeAt($i);
    }
}
