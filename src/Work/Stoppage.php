<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Triage\Triage;

/** Where a job's stoppage may be, after all that was seen and tried. */
final readonly class Stoppage
{
    private const FAINTEST = 0.01;
    private const NEARLY_SURE = 0.95;
    private const LEAST_NUMBERED = 0.005;

    /**
     * @param array<string, LikelyPlace> $likeliest by pipe, likeliest first
     * @param list<NextCheck> $next best check first; looks and made tests
     * @param list<list<string>> $contradictions checks that no one stoppage explains together
     */
    public function __construct(
        public Triage $triage, public array $likeliest, public array $next, public array $contradictions,
        public ?string $from,
    ) {
    }

    /** Chance of the likeliest pipe, from 0 to 1. */
    public function surest(): float
    {
        return max(0.0, ...array_values($this->triage->chances));
    }

    public function isNearlySure(): bool
    {
        return self::isSure($this->triage);
    }

    /** So sure that no check is worth its minutes. */
    public static function isSure(Triage $triage): bool
    {
        return max(0.0, ...array_values($triage->chances)) >= self::NEARLY_SURE;
    }

    /** @return array<string, float> shade of each pipe on the map that is worth one: its chance against the likeliest one's */
    public function shades(): array
    {
        $most = max(1e-9, ...array_values($this->triage->chances));

        return array_filter(
            array_map(static fn (float $chance) => round($chance / $most, 3), $this->triage->chances),
            static fn (float $shade) => $shade > self::FAINTEST,
        );
    }

    /** @return list<string> the likeliest pipes, likeliest first, but for those that are hardly so */
    public function numbered(): array
    {
        return array_map(
            'strval',
            array_keys(array_filter($this->likeliest, static fn (LikelyPlace $place) => $place->share >= self::LEAST_NUMBERED)),
        );
    }
}
