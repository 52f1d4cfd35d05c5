<?php

declare(strict_types=1);

namespace App\Keeper;

use App\Support\Logging\Timings;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception as DatabaseException;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** For whoever watches the server: whether it works, and what it does. */
#[AsController]
final readonly class WatchController
{
    /** Of the disk, in bytes; below it a recording may not find its room. */
    private const LEAST_ROOM = 500_000_000;
    private const COUNTED = ['job' => 'jurvex_jobs', 'logged_finding' => 'jurvex_findings', 'account' => 'jurvex_people'];

    public function __construct(
        private Connection $database, private ClockInterface $clock, private Timings $timings, private string $projectDir,
        private string $metricsKey,
    ) {
    }

    /** Anybody may ask: it tells nothing but what works. */
    #[Route('/health', name: 'health', methods: 'GET')]
    public function health(): Response
    {
        $works = [
            'database' => $this->answers(),
            'files' => is_writable($this->projectDir.'/var/data'),
            'room' => (float) disk_free_space($this->projectDir.'/var') >= self::LEAST_ROOM,
        ];
        $isWell = !\in_array(false, $works, true);

        return new JsonResponse(['status' => $isWell ? 'ok' : 'failing', ...$works], $isWell ? 200 : 503, ['Cache-Control' => 'no-store']);
    }

    /** Plain text, a number a line, as the usual collectors read it; at an address that the server's keeper has set (METRICS_KEY). */
    #[Route('/metrics/{key}', name: 'metrics', methods: 'GET')]
    public function metrics(string $key): Response
    {
        if ('' === $this->metricsKey || !hash_equals($this->metricsKey, $key)) {
            throw new NotFoundHttpException();
        }
        $lines = [];
        foreach (self::COUNTED as $table => $name) {
            $lines[] = $name.' '.$this->number('SELECT COUNT(*) FROM '.$table);
        }
        $now = $this->clock->now();
        $hour = ['since' => $now->modify('-1 hour')->format('Y-m-d H:i:s')];
        $lines[] = 'jurvex_findings_last_hour '.$this->number('SELECT COUNT(*) FROM logged_finding WHERE logged_at > :since', $hour);
        $lines[] = 'jurvex_sessions_last_hour '.$this->number('SELECT COUNT(*) FROM signed_in WHERE seen_at > :since', $hour);
        $lines[] = 'jurvex_long_work_waiting '.$this->number('SELECT COUNT(*) FROM messenger_messages WHERE delivered_at IS NULL');
        foreach ($this->timings->all() as $route => [$count, $ms]) {
            $lines[] = \sprintf('jurvex_answers_total{route="%s"} %d', $route, $count);
            $lines[] = \sprintf('jurvex_answers_seconds_sum{route="%s"} %.3F', $route, $ms / 1000);
        }

        return new Response(implode("\n", $lines)."\n", headers: [
            'Content-Type' => 'text/plain; charset=UTF-8', 'Cache-Control' => 'no-store',
        ]);
    }

    private function answers(): bool
    {
        try {
            return '1' === (string) $this->number('SELECT 1');
        } catch (DatabaseException) {
            return false;
        }
    }

    /** @param array<string, string> $values */
    private function number(string $query, array $values = []): int
    {
        $number = $this->database->fetchOne($query, $values);

        return is_numeric($number) ? (int) $number : 0;
    }
}
