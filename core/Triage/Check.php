<?php

declare(strict_types=1);

namespace Jurvex\Core\Triage;

/** Something to look at or to try: what it may show, and how likely each answer is for groups of suspects. */
final readonly class Check
{
    /**
     * Each group is its suspects and their row of answers; a suspect is in one at most.
     *
     * @param list<array{array<string, true>, array<string, float>}> $groups
     * @param array<string, float> $elsewhere row of all the others
     */
    public function __construct(public string $id, public ?string $seen, private array $groups, private array $elsewhere)
    {
    }

    /** @return list<string> */
    public function answers(): array
    {
        return array_keys($this->elsewhere);
    }

    public function likelihood(string $suspect, string $answer): float
    {
        foreach ($this->groups as [$suspects, $row]) {
            if (isset($suspects[$suspect])) {
                return $row[$answer];
            }
        }

        return $this->elsewhere[$answer];
    }

    /**
     * @param array<string, float> $chances
     *
     * @return array<string, float> chance of each suspect and this answer
     */
    public function weigh(array $chances, string $answer): array
    {
        $weights = [];
        foreach ($chances as $suspect => $chance) {
            $weights[$suspect] = $chance * $this->elsewhere[$answer];
        }
        foreach ($this->groups as [$suspects, $row]) {
            foreach ($suspects as $suspect => $_) {
                if (isset($chances[$suspect])) {
                    $weights[$suspect] = $chances[$suspect] * $row[$answer];
                }
            }
        }

        return $weights;
    }

    /**
     * Bits of entropy expected to be left after it. All suspects of a group answer alike, so their sums tell all.
     *
     * @param array<string, float> $chances that sum to one
     * @param array<string, float> $terms chance × log2 chance, of each
     */
    public function expectedLeft(array $chances, array $terms, float $entropy): float
    {
        $groups = [];
        $restMass = 1.0;
        $restTerm = -$entropy;
        foreach ($this->groups as [$suspects, $row]) {
            $mass = $term = 0.0;
            foreach ($suspects as $suspect => $_) {
                $mass += $chances[$suspect] ?? 0.0;
                $term += $terms[$suspect] ?? 0.0;
            }
            $groups[] = [$mass, $term, $row];
            $restMass -= $mass;
            $restTerm -= $term;
        }
        $groups[] = [max(0.0, $restMass), min(0.0, $restTerm), $this->elsewhere];
        $left = 0.0;
        foreach ($this->answers() as $answer) {
            $all = $sum = 0.0;
            foreach ($groups as [$mass, $term, $row]) {
                $all += $mass * $row[$answer];
                $sum += $row[$answer] * ($term + $mass * log($row[$answer], 2));
            }
            $left += $all > 0 ? $all * log($all, 2) - $sum : 0.0;
        }

        return $left;
    }
}
