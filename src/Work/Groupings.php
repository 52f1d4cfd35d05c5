<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Mend\Grouping;
use Jurvex\Core\Mend\Offers;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

/** Keeps which repairs are done by one work, one for each line: worked out anew when anything that it rests on has changed. */
final readonly class Groupings
{
    private const DAYS_S = 7 * 86400;

    public function __construct(private CacheInterface $cache)
    {
    }

    /**
     * @param array<mixed> $restsOn all that decides about it
     * @param \Closure(?Grouping): Offers $offers made with what is known, or by working it out
     */
    public function kept(string $line, array $restsOn, \Closure $offers): Offers
    {
        $key = 'mend.'.$line;
        $print = hash('xxh128', serialize($restsOn));
        $made = null;
        /** @var array{print: string, works: array<string, list<array{string, list<string>}>>} $kept */
        $kept = $this->cache->get($key, static function (ItemInterface $item) use ($offers, $print, &$made): array {
            $item->expiresAfter(self::DAYS_S);
            $made = $offers(null);

            return ['print' => $print, 'works' => $made->grouping->works];
        });
        if (null !== $made) {
            return $made;
        }
        $known = $print === $kept['print'] ? Grouping::read($kept['works']) : null;
        if (null === $known) {
            $this->cache->delete($key);

            return $this->kept($line, $restsOn, $offers);
        }

        return $offers($known);
    }
}
