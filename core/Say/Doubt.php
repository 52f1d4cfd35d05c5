<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Sureness;

/** How sure somebody is of what is named in a sentence. */
final readonly class Doubt
{
    /** @param list<Mention> $all in their order */
    public function __construct(private Sentence $sentence, private Measures $measures, private array $all)
    {
    }

    /** What looks like something is likely; what nobody can tell cannot be said, which weighs more. */
    public function settle(): void
    {
        foreach ($this->sentence->marks('likely') as $begin => $end) {
            $next = $this->after($end);
            if (null !== $next && $this->isDirect($end, $next)) {
                $next->sureness = Sureness::Likely;
            }
        }
        foreach ($this->sentence->marks('cannot_say') as $begin => $end) {
            if (null === $this->sentence->begins('unsure_how', $begin)) {
                $doubted = $this->after($end) ?? $this->findings()[\count($this->findings()) - 1] ?? null;
                if (null !== $doubted) {
                    $doubted->sureness = Sureness::CannotSay;
                }
            }
        }
    }

    private function after(int $i): ?Mention
    {
        foreach ($this->findings() as $mention) {
            if ($mention->last > $i) {
                return $mention;
            }
        }

        return null;
    }

    /** @return list<Mention> */
    private function findings(): array
    {
        return array_values(array_filter($this->all, static fn (Mention $each) => null !== $each->kind));
    }

    /** Nothing else stands between the doubt and what it is of: no place, no comma, nothing that is joined by an "and". */
    private function isDirect(int $end, Mention $next): bool
    {
        foreach ($this->measures->places as $place) {
            if ($place->first > $end && $place->last < $next->first) {
                return false;
            }
        }
        for ($i = $end + 2; $i < $next->first; ++$i) {
            $i = max($i, $this->sentence->amountEnd($i) ?? $i);
            if ($this->sentence->isComma($i) || $this->sentence->is('and', $i)
                // "looks like a golf ball, no, it's a toy"
                || $this->sentence->beginsAny(['taken_back', 'rather'], $i)) {
                return false;
            }
        }

        return true;
    }
}
