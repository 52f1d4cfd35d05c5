<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** What was said with every phrase of the tables found in it. */
final readonly class Reading
{
    /** What things are, each word in one of them but for a side in a name; of equal length the earlier role counts. */
    private const CONTENT = [Atom::NONE => 0, Atom::KIND => 1, Atom::MATERIAL => 2, Atom::FACT => 3, Atom::CLOCK => 4, Atom::WHOLE => 5];

    /** What means something else with more words around it, by role. */
    private const EXCEPT = [
        'back' => 'not_back', 'ends' => 'over_there', 'out_again' => 'over_there', 'runs_to' => 'over_there',
        'deep' => 'in_a_pit', 'right_here' => 'not_here',
        'was' => 'found', 'there_was' => 'found',
        'capped' => 'not_capped', 'gone' => 'gone_on', 'to' => 'through_it', 'move' => 'right_past',
        'another' => 'good_again', 'from' => 'from_that', 'from_material' => 'from_that',
        'advised' => 'was_replaced', 'into' => 'right_now', 'marked' => 'marked_off', 'at' => 'all_around',
        'length_of' => 'no_length', 'general' => 'doubts_if', 'talk' => 'doubts_if', 'run' => 'further_down',
        'deny' => 'no_denial', 'again' => 'good_again', 'question' => 'is_there_are', 'cut' => 'will_have',
        'side=3' => 'right_before', 'likely' => 'to_be_done', 'supposes' => 'no_denial', 'handles' => 'no_denial', 'taught' => 'no_denial',
    ];
    /** What is said meanwhile is none of these, by role. */
    private const NOT_MEANWHILE = ['deny', 'supposes', 'handles', 'taught', 'general', 'talk', 'question'];
    /** Numbers that are told as the counter goes by are no farther apart, two and two, in their unit and in words. */
    private const COUNTED_APART = 20.0;
    private const COUNTED_WORDS = 40;

    /**
     * @param list<Atom> $atoms what things are, in their order
     * @param array<string, array<int, int>> $marks how they are said: last word by first word, by role
     */
    private function __construct(public Speech $speech, public array $atoms, public array $marks, private Lexicon $lexicon)
    {
    }

    public static function of(Speech $speech, Lexicon $lexicon): self
    {
        $text = '';
        $offsets = [];
        foreach ($speech->words as $word) {
            $offsets[] = \strlen($text);
            $text .= $lexicon->apart(null === $word->number ? $word->text : $lexicon->inWords($word->text)).' ';
        }
        $amounts = new Amounts($speech->words, $lexicon);
        $atoms = [];
        $free = 0;
        $marks = [];
        foreach (array_keys($speech->words) as $i) {
            // "twelve point zero roots"
            if ($i < $free && Atom::AMOUNT === $atoms[\count($atoms) - 1]->role) {
                continue;
            }
            $phrases = $lexicon->phrases->at($text, $offsets[$i]);
            foreach ($phrases as $role => $found) {
                if (!isset(self::CONTENT[$role])) {
                    $marks[$role][$i] = $i + $found[1] - 1;
                }
            }
            $within = $i < $free ? $atoms[\count($atoms) - 1] : null;
            $atom = null === $within ? self::atom($i, $phrases, $amounts)
                : self::sideIn($within, $i, $free, $phrases[Atom::CLOCK] ?? null) ?? self::sizeIn($within, $amounts->at($i));
            // "we hit the clay": the name says what it is made of.
            if (Atom::KIND === ($within ?? $atom)?->role && isset($phrases[Atom::MATERIAL])) {
                [$material, $many] = $phrases[Atom::MATERIAL];
                $marks[Atom::MATERIAL.'='.$material][$i] = $i + $many - 1;
            }
            if (null !== $atom) {
                $atoms[] = $atom;
                $free = max($free, $atom->last + 1);
            }
        }

        return new self($speech, $atoms, self::told($atoms, $marks), $lexicon);
    }

    /**
     * With what only several of them together tell, and without what means something else there.
     *
     * @param list<Atom> $atoms
     * @param array<string, array<int, int>> $marks
     *
     * @return array<string, array<int, int>>
     */
    private static function told(array $atoms, array $marks): array
    {
        $marks = [...$marks, 'counted_off' => self::countedOff($atoms)];
        foreach (self::EXCEPT as $role => $except) {
            $marks[$role] = self::without($marks[$role] ?? [], $marks[$except] ?? []);
        }
        foreach (self::NOT_MEANWHILE as $role) {
            $marks[$role] = self::without($marks[$role] ?? [], $marks['meanwhile'] ?? []);
        }

        return array_filter($marks);
    }

    /**
     * @param array<int, int> $marks last word by first word
     * @param array<int, int> $others
     *
     * @return array<int, int> those that are within none of the others
     */
    private static function without(array $marks, array $others): array
    {
        // By each word in them how far they reach.
        $ends = [];
        foreach ($others as $begin => $end) {
            for ($i = $begin; $i <= $end; ++$i) {
                $ends[$i] = max($ends[$i] ?? $end, $end);
            }
        }

        return [] === $ends ? $marks : array_filter(
            $marks, static fn (int $last, int $first) => ($ends[$first] ?? -1) < $last, \ARRAY_FILTER_USE_BOTH,
        );
    }

    /**
     * "ten … fifteen … twenty": as the counter goes by, each number lies between the one before it and the one behind it.
     *
     * @param list<Atom> $atoms
     *
     * @return array<int, int>
     */
    private static function countedOff(array $atoms): array
    {
        $numbers = array_values(array_filter($atoms, static fn (Atom $atom) => true === $atom->amount?->mayBeAlong()));
        $counted = [];
        for ($i = 2; $i < \count($numbers); ++$i) {
            [$one, $two, $three] = \array_slice($numbers, $i - 2, 3);
            $number = static fn (Atom $atom) => ($atom->amount->value ?? 0.0) / ($atom->amount->each ?? 1.0);
            [$from, $over, $to] = array_map($number, [$one, $two, $three]);
            $isCounted = $from < $over && $over < $to && $to - $from <= self::COUNTED_APART
                && $three->first - $one->last <= self::COUNTED_WORDS;
            // The third is told as well, where the two before it are.
            $counted += $isCounted ? [$two->first => $two->last, $three->first => $three->last] : [];
        }

        return $counted;
    }

    /**
     * "a line coming in on the right": the name ends in its side.
     *
     * @param int $free the first word behind what stands around it
     * @param ?array{string, int} $side that begins there
     */
    private static function sideIn(Atom $within, int $i, int $free, ?array $side): ?Atom
    {
        return null !== $side && Atom::KIND === $within->role && $i + $side[1] >= $free
            ? new Atom(Atom::CLOCK, $side[0], $i, $i + $side[1] - 1) : null;
    }

    /** "a belly holding two inches", "the water's an inch deep", "a hard ninety": how much stands in the name. */
    private static function sizeIn(Atom $within, ?Amount $amount): ?Atom
    {
        if (Kind::Bend->value === $within->meaning && Unit::None === $amount?->unit && \in_array($amount->value, Turn::DEGREES, true)) {
            $amount = new Amount($amount->value, Unit::Degrees, $amount->first, $amount->last);
        }

        return Atom::KIND === $within->role && \in_array($amount?->unit, [Unit::Small, Unit::Percent, Unit::Degrees], true)
            ? new Atom(Atom::AMOUNT, '', $amount->first, $amount->last, $amount) : null;
    }

    /** @param array<string, array{string, int}> $phrases that begin there, by role */
    private static function atom(int $i, array $phrases, Amounts $amounts): ?Atom
    {
        $best = null;
        foreach ($phrases as $role => [$meaning, $words]) {
            $rank = self::CONTENT[$role] ?? null;
            if (null !== $rank && (null === $best || $words > $best[1] || $words === $best[1] && $rank < self::CONTENT[$best[2]])) {
                $best = [$meaning, $words, $role];
            }
        }
        $amount = $amounts->at($i);
        if (null !== $amount && $amount->last - $i + 1 > ($best[1] ?? 0)) {
            return new Atom(Atom::AMOUNT, '', $i, $amount->last, $amount);
        }

        return null === $best ? null : new Atom($best[2], $best[0], $i, $i + $best[1] - 1);
    }

    /** @return list<Sentence> */
    public function sentences(): array
    {
        if ([] === $this->speech->words) {
            return [];
        }
        $begins = (new Cuts($this->speech, $this->atoms, $this->marks))->begins();
        $numbers = $atoms = $marks = [];
        foreach ($begins as $number => $begin) {
            foreach (range($begin, ($begins[$number + 1] ?? \count($this->speech->words)) - 1) as $word) {
                $numbers[$word] = $number;
            }
        }
        foreach ($this->atoms as $atom) {
            $atoms[$numbers[$atom->first]][] = $atom;
        }
        foreach ($this->marks as $role => $spans) {
            foreach ($spans as $first => $last) {
                $marks[$numbers[$first]][$role][$first] = $last;
            }
        }
        $isPlaceLed = Habit::leadsWithPlaces($this->atoms, $this->marks);
        $sentences = [];
        foreach ($begins as $number => $begin) {
            $end = ($begins[$number + 1] ?? \count($this->speech->words)) - 1;
            $sentences[] = new Sentence(
                $this->speech, $this->lexicon, $begin, $end, $atoms[$number] ?? [], $marks[$number] ?? [], $isPlaceLed,
            );
        }

        return $sentences;
    }

    /** @return list<array{int, int}> what no table knows: where it begins and ends in what was said, in bytes */
    public function unread(): array
    {
        $read = [];
        $atoms = array_map(static fn (Atom $atom) => [$atom->first, $atom->last], $this->atoms);
        foreach ([...$atoms, ...$this->spans()] as [$first, $last]) {
            for ($i = $first; $i <= $last; ++$i) {
                $read[$i] = true;
            }
        }
        $unread = [];
        foreach ($this->speech->words as $i => $word) {
            $isWord = 1 === preg_match('/^\p{L}/u', $word->text);
            if (!$isWord || isset($read[$i]) || $this->lexicon->isSmall($word->text)) {
                continue;
            }
            $before = end($unread);
            $isNext = false !== $before && '' === trim(substr($this->speech->text, $before[1], $word->from - $before[1]));
            if ($isNext) {
                array_pop($unread);
            }
            $unread[] = [$isNext ? $before[0] : $word->from, $word->to];
        }

        return $unread;
    }

    /** @return list<array{string, bool}> what was said, in pieces that the tables know and pieces that they do not */
    public function pieces(): array
    {
        $text = $this->speech->text;
        $pieces = [];
        $at = 0;
        foreach ($this->unread() as [$from, $to]) {
            array_push($pieces, [substr($text, $at, $from - $at), true], [substr($text, $from, $to - $from), false]);
            $at = $to;
        }
        $pieces[] = [substr($text, $at), true];

        return array_values(array_filter($pieces, static fn (array $piece) => '' !== $piece[0]));
    }

    /** @param list<array{string, bool}> $pieces what was said, of which only what no table knows is told */
    public static function unknown(array $pieces): string
    {
        return implode(' … ', array_column(array_filter($pieces, static fn (array $piece) => !$piece[1]), 0));
    }

    /** @return list<array{int, int}> first and last word of each phrase that says how things are */
    private function spans(): array
    {
        $spans = [];
        foreach ($this->marks as $marks) {
            foreach ($marks as $first => $last) {
                $spans[] = [$first, $last];
            }
        }

        return $spans;
    }
}
