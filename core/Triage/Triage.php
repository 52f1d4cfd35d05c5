<?php

declare(strict_types=1);

namespace Jurvex\Core\Triage;

/** Where the stoppage is: every segment is a suspect, its chance is its prior times how well it explains what was seen. */
final readonly class Triage
{
    private const SAME = 1e-12;
    /** An answer that is less likely than this under a suspect speaks against it. */
    private const SURPRISING = 0.1;

    /** @var array<string, float> chance of each segment after all that was seen; sums to one */
    public array $chances;

    /** In bits. */
    public float $entropy;

    /** @var array<string, float> chance × log2 chance, of each */
    private array $terms;

    /**
     * @param non-empty-array<string, float> $priors weight of each segment before anything was seen
     * @param list<Check> $checks
     */
    public function __construct(array $priors, private array $checks)
    {
        $chances = self::shares($priors);
        foreach ($checks as $check) {
            if (null !== $check->seen) {
                // Kept as shares all the way: a hundred unlikely answers must not vanish below the smallest number.
                $chances = self::shares($check->weigh($chances, $check->seen));
            }
        }
        $this->chances = $chances;
        $this->terms = array_map(static fn (float $chance) => $chance > 0 ? $chance * log($chance, 2) : 0.0, $chances);
        $this->entropy = 0.0 - array_sum($this->terms);
    }

    /**
     * The check not made yet that is expected to narrow the field most; by identifier where two promise the same.
     *
     * @return array{?string, float} the check, and the bits that it is expected to gain
     */
    public function nextCheck(): array
    {
        $best = [null, 0.0];
        $open = array_filter($this->checks, static fn (Check $check) => null === $check->seen);
        usort($open, static fn (Check $a, Check $b) => strcmp($a->id, $b->id));
        foreach ($open as $check) {
            $gain = $this->expectedGain($check);
            if (null === $best[0] || $gain > $best[1] + self::SAME) {
                $best = [$check->id, $gain];
            }
        }

        return $best;
    }

    /** Expected fall of the entropy when a check is made, in bits; never under zero. */
    public function expectedGain(Check $check): float
    {
        return max(0.0, $this->entropy - $check->expectedLeft($this->chances, $this->terms, $this->entropy));
    }

    /**
     * What each answer of a check would mean: how likely it is, and who would then be the likeliest suspect.
     *
     * @return array<string, Meaning> by answer
     */
    public function meanings(Check $check): array
    {
        $meanings = [];
        foreach ($check->answers() as $answer) {
            $weights = $check->weigh($this->chances, $answer);
            $chance = array_sum($weights);
            arsort($weights);
            $suspect = (string) array_key_first($weights);
            $meanings[$answer] = new Meaning($chance, $suspect, $chance > 0 ? $weights[$suspect] / $chance : 0.0);
        }

        return $meanings;
    }

    /** @return array<string, float> the likeliest suspects, likeliest first */
    public function likeliest(int $most): array
    {
        $chances = $this->chances;
        arsort($chances);

        return \array_slice($chances, 0, $most, true);
    }

    /**
     * Observations that no one stoppage explains: pairs that speak against each other; where there is no such pair, all those together.
     *
     * @return list<list<string>> identifiers of checks
     */
    public function contradictions(): array
    {
        $seen = array_values(array_filter($this->checks, static fn (Check $check) => null !== $check->seen));
        $against = [];
        foreach ($seen as $i => $check) {
            $against[$i] = $this->against($check, $check->seen ?? '');
        }
        if (\count(array_intersect_key($this->chances, ...$this->allows($against))) > 0) {
            return [];
        }
        $pairs = [];
        foreach ($seen as $i => $one) {
            for ($j = $i + 1, $count = \count($seen); $j < $count; ++$j) {
                if (\count($this->chances) === \count($against[$i] + $against[$j])) {
                    $pairs[] = [$one->id, $seen[$j]->id];
                }
            }
        }

        return [] === $pairs ? [array_map(static fn (Check $check) => $check->id, $seen)] : $pairs;
    }

    /** @return array<string, true> suspects under which the answer would be a surprise */
    private function against(Check $check, string $answer): array
    {
        $against = [];
        foreach ($this->chances as $suspect => $_) {
            if ($check->likelihood((string) $suspect, $answer) < self::SURPRISING) {
                $against[$suspect] = true;
            }
        }

        return $against;
    }

    /**
     * @param array<int, array<string, true>> $against
     *
     * @return list<array<string, float>> suspects that each observation leaves
     */
    private function allows(array $against): array
    {
        return array_values(array_map(fn (array $suspects) => array_diff_key($this->chances, $suspects), $against));
    }

    /**
     * @param array<string, float> $weights
     *
     * @return array<string, float>
     */
    private static function shares(array $weights): array
    {
        $sum = array_sum($weights);
        $count = \count($weights);

        return array_map(static fn (float $weight) => $sum > 0 ? $weight / $sum : 1 / $count, $weights);
    }
}
