<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;

/** One more of what was named last, where nobody says a place: "there's another one", "and there's one on the bottom". */
final readonly class Further
{
    /** What is named so many words behind is what is there. */
    private const NAMED_WORDS = 3;
    /** "Two more": of more nobody says how many there are. */
    private const MOST = 3;
    private const NONE_OF_IT = ['deny', 'general', 'talk', 'gone', 'question', 'will'];
    private const CAN_BE_MORE = [Family::Roots, Family::Deposit, Family::Object];

    public function __construct(private Sentence $sentence)
    {
    }

    /**
     * @param list<Mention> $mentions of the sentence
     * @param ?Kind $last what was named last before the sentence
     *
     * @return list<Mention>
     */
    public function of(array $mentions, ?Kind $last): array
    {
        $further = [];
        $until = -1;
        foreach ($this->sentence->marks('further') as $begin => $end) {
            $before = array_filter($mentions, static fn (Mention $each) => $each->last < $begin);
            $one = end($before) ?: null;
            $kind = $one->kind ?? $last;
            if ($begin <= $until || null === $kind || \in_array($kind, Others::ONCE, true) || $this->isNamed($mentions, $begin, $end)) {
                continue;
            }
            $part = $this->sentence->part($begin);
            $canBeMore = \in_array($kind->family(), self::CAN_BE_MORE, true) || !$this->isMore($begin, $end);
            $isSide = $this->isSideTaken($mentions, $begin, $end);
            if ($canBeMore && !$isSide && !$this->sentence->has(self::NONE_OF_IT, $part[0], $end)) {
                $kind = (new MoreOfIt($this->sentence, []))->grown($kind, $begin, $end);
                $more = new Mention($kind, $begin, $end, Kind::RootCords === $kind);
                $more->isOther = true;
                $more->clock = (new Sided($this->sentence))->free($mentions, $begin, $part[1]);
                array_push($further, ...$this->counted($more, $begin, $end));
                $until = $end;
            }
        }

        return $further;
    }

    /** "there's more", and not "there's one more" */
    private function isMore(int $from, int $to): bool
    {
        $isMore = fn (int $word) => $this->sentence->is('more', $word) && !$this->sentence->is('anew', $word - 1);

        return [] !== array_filter(range($from, $to), $isMore);
    }

    /** @return non-empty-list<Mention> as many as are said: "two more" */
    private function counted(Mention $more, int $from, int $to): array
    {
        $all = [$more];
        foreach ($this->sentence->atoms as $atom) {
            $many = $atom->first >= $from && $atom->last <= $to && Unit::None === $atom->amount?->unit ? $atom->amount->value : 1;
            while (\count($all) < min($many, self::MOST)) {
                $all[] = clone $more;
            }
        }

        return $all;
    }

    /**
     * "there's another one, and it's a crack": that is one.
     *
     * @param list<Mention> $mentions
     */
    private function isNamed(array $mentions, int $begin, int $end): bool
    {
        $isHere = static fn (Mention $each) => $each->last >= $begin && $each->first <= $end + self::NAMED_WORDS;

        return null !== $this->sentence->named->next($begin, $end + self::NAMED_WORDS) || [] !== array_filter($mentions, $isHere);
    }

    /**
     * "some cracks, there's one on top and there's one on the bottom": the first has told its side.
     *
     * @param list<Mention> $mentions
     */
    private function isSideTaken(array $mentions, int $begin, int $end): bool
    {
        $isIn = static fn (Mention $each) => null !== $each->clock && $each->clock->first >= $begin && $each->clock->last <= $end;

        return [] !== array_filter($mentions, $isIn);
    }
}
