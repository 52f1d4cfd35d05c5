<?php

declare(strict_types=1);

namespace App\Support\Logging;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\TerminateEvent;
use Symfony\Component\HttpKernel\KernelEvents;

/** Counts answers and their time by route, in the memory that this server's processes share; nothing where there is none. */
final readonly class Timings
{
    private const PREFIX = 'jurvex.time.';
    private const MILLISECONDS = 1000.0;

    #[AsEventListener(KernelEvents::TERMINATE)]
    public function count(TerminateEvent $event): void
    {
        $route = $event->getRequest()->attributes->get('_route');
        $began = $event->getRequest()->server->get('REQUEST_TIME_FLOAT');
        if (\function_exists('apcu_enabled') && apcu_enabled() && \is_string($route) && is_numeric($began)) {
            apcu_inc(self::PREFIX.$route.'.count');
            apcu_inc(self::PREFIX.$route.'.ms', max(0, (int) round(self::MILLISECONDS * (microtime(true) - (float) $began))));
        }
    }

    /** @return array<string, array{int, int}> how many answers and how many milliseconds, by route, since the server began */
    public function all(): array
    {
        $all = [];
        if (\function_exists('apcu_enabled') && apcu_enabled()) {
            foreach (new \APCUIterator('/^'.preg_quote(self::PREFIX, '/').'.*\.count$/', \APC_ITER_KEY) as $key => $entry) {
                $route = substr((string) $key, \strlen(self::PREFIX), -\strlen('.count'));
                $all[$route] = [self::value($route.'.count'), self::value($route.'.ms')];
            }
        }
        ksort($all);

        return $all;
    }

    private static function value(string $key): int
    {
        $value = apcu_fetch(self::PREFIX.$key);

        return \is_int($value) ? $value : 0;
    }
}
