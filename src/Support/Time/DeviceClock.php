<?php

declare(strict_types=1);

namespace App\Support\Time;

use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\RequestStack;

/** The time at which an entry was made that had to wait for a signal; else the machine's. */
final readonly class DeviceClock implements ClockInterface
{
    /** An entry that waited longer counts as made so long ago, in seconds. */
    private const LONGEST_S = 60 * 24 * 3600;

    public function __construct(private SystemClock $clock, private RequestStack $requests)
    {
    }

    /** By how long it waited, so that a device whose clock is wrong tells no other time. */
    public function now(): \DateTimeImmutable
    {
        $now = $this->clock->now();
        $request = $this->requests->getMainRequest();
        [$madeMs, $sentMs] = [$request?->headers->get('X-Queued-At') ?? '', $request?->headers->get('X-Sent-At') ?? ''];
        if (null === $request || $request->isMethodSafe() || !self::isTime($madeMs) || !self::isTime($sentMs)) {
            return $now;
        }
        $waitedMs = min(1000 * self::LONGEST_S, max(0, (int) $sentMs - (int) $madeMs));

        return $now->modify(\sprintf('-%d milliseconds', $waitedMs));
    }

    private static function isTime(string $milliseconds): bool
    {
        return 1 === preg_match('/^\d{13}$/', $milliseconds);
    }
}
