<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** Whether what is named among talk of lines and trades in general is there all the same. */
final readonly class AmidTalk
{
    /** Talk so many words beside a name may be of it, where nothing is shown between. */
    private const TALK_WORDS = 25;
    private const SHOWS = ['intro', 'points', 'here', 'right_here', 'turns_to'];
    /** "There's a screw": so many words before what is shown. */
    private const SHOWN_WORDS = 3;
    /** "And I can see a chunk of it": so many words before what is seen. */
    private const SEEN_WORDS = 14;
    /** Talk so many words behind a name is of it. */
    private const BEHIND_WORDS = 2;

    public function __construct(private Sentence $sentence)
    {
    }

    /** "there's a screw sticking through the pipe, from when they put the shed in": what is shown is there, whatever is told behind it. */
    public function isShown(Mention $mention): bool
    {
        $intros = $this->sentence->introsOf($mention->first, self::SHOWN_WORDS);
        // … and "so you see the gap's bigger on the top … and if you look"
        $isShown = [] !== $intros || $this->sentence->has('points', $mention->first - self::SHOWN_WORDS, $mention->first);
        $own = array_filter($intros, fn (int $begin) => !$this->sentence->isInside('to_anyone', $begin));
        $from = [] === $own ? $this->sentence->first : min($own);
        $isOf = fn (int $end, int $begin) => $begin >= $from && $end <= $mention->last + self::BEHIND_WORDS
            // "there's a hole, they make a liner for that": that begins anew.
            && ($begin < $mention->last || !$this->sentence->is('speakers', $begin) && !$this->sentence->is('subjects', $begin));
        $isTalk = [] !== array_filter($this->sentence->marks('general'), $isOf, \ARRAY_FILTER_USE_BOTH);

        return $isShown && (!$isTalk || $this->isSeenSince($mention));
    }

    /** "… when they put that on, and there's a piece of it, and we can't go any further": whether something was shown since. */
    public function isBeyondTalk(Mention $mention): bool
    {
        $talk = array_filter($this->sentence->marks('talk'), fn (int $end) => $end <= $mention->first
            && !$this->shows($end + 1, $mention->first));

        return [] === $talk;
    }

    /** "I think when they compacted that they broke it, and I can see a chunk of it lying there": whatever was talked of before. */
    public function isSeenSince(Mention $mention): bool
    {
        $marks = [...$this->sentence->marks('general'), ...$this->sentence->marks('talk')];
        $talk = array_filter($marks, static fn (int $end) => $end < $mention->first);
        $isSeen = static fn (int $begin) => $begin > max([0, ...$talk]) && $begin < $mention->first
            && $mention->first - $begin <= self::SEEN_WORDS;

        return [] !== array_filter(array_keys($this->sentence->marks('i_see')), $isSeen);
    }

    /** "the bottom is rotted out … and subscribe to the channel": whoever goes on without a pause talks of something else by then. */
    public function isAside(Mention $mention): bool
    {
        [$first, $last] = $this->sentence->part($mention->first);
        $isNear = function (int $end, int $begin) use ($first, $last, $mention): bool {
            $isBefore = $end < $mention->first && $mention->first - $end <= self::TALK_WORDS
                && !$this->shows($end + 1, $mention->first);

            return $isBefore || $begin >= $first && $begin <= min($last, $mention->last + self::TALK_WORDS);
        };

        return $this->sentence->has([...self::SHOWS, 'presence'], $first, $last)
            && [] === array_filter($this->sentence->marks('general'), $isNear, \ARRAY_FILTER_USE_BOTH);
    }

    /** Whether nothing around it shows it. */
    public function isOnlySaid(Mention $mention): bool
    {
        return !$this->sentence->has(self::SHOWS, ...$this->sentence->part($mention->first));
    }

    /** "what causes a belly is the ground, and now you've got a low spot" shows nothing: it happens to anyone. */
    private function shows(int $from, int $to): bool
    {
        foreach (self::SHOWS as $role) {
            foreach ($this->sentence->marks($role) as $begin => $end) {
                if ($begin >= $from && $end <= $to && !$this->sentence->isInside('to_anyone', $begin)) {
                    return true;
                }
            }
        }

        return false;
    }
}
