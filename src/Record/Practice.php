<?php

declare(strict_types=1);

namespace App\Record;

use Jurvex\Core\Practice\Difficulty;

/** What makes a job a practice: the seed of its unknown line, and what came of it. */
final readonly class Practice
{
    /**
     * @param ?int $score of a hundred; none while it goes on
     * @param array<string, float> $points by part
     * @param ?float $minutes from the first entry to the end
     */
    public function __construct(
        public int $seed, public Difficulty $difficulty, public string $by, public ?int $score = null,
        public array $points = [], public ?float $minutes = null,
    ) {
    }

    /** @param array<string, float> $points */
    public function scored(int $score, array $points, float $minutes): self
    {
        return new self($this->seed, $this->difficulty, $this->by, $score, $points, $minutes);
    }

    /** @return array{seed: int, difficulty: string, by: string, score: ?int, points: array<string, float>, minutes: ?float} */
    public function plain(): array
    {
        return [
            'seed' => $this->seed, 'difficulty' => $this->difficulty->value, 'by' => $this->by, 'score' => $this->score,
            'points' => $this->points, 'minutes' => $this->minutes,
        ];
    }

    /**
     * @param array{
     *     seed: int, difficulty: string, by: string, score: ?int, points: array<string, float|int>,
     *     minutes: float|int|null,
     * } $plain
     */
    public static function read(array $plain): self
    {
        return new self(
            $plain['seed'], Difficulty::from($plain['difficulty']), $plain['by'], $plain['score'],
            array_map(floatval(...), $plain['points']), null === $plain['minutes'] ? null : (float) $plain['minutes'],
        );
    }
}
