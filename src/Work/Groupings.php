<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Mend\Grouping;
use Jurvex\Core\Mend\Offers;
use Psr\Cache\CacheItemPoolInterface;

/** Keeps which repairs are done by one work, one for each line: worked out anew when anything that it rests on has changed. */
final readonly class Groupings
{
    private const DAYS_S = 7 * 86400;

    public function __construct(private CacheItemPoolInterface $cache)
    {
    }

    /**
     * @param array<mixed> $restsOn all that decides about it
     * @param \Closure(?Grouping): Offers $offers made with what is known, or by working it out
     */
    public function kept(string $line, array $restsOn, \Closure $offers): Offers
    {
        $item = $this->cache->getItem('mend.'.$line);
        $print = hash('xxh128', serialize($restsOn));
        /** @var ?array{print: string, works: array<string, list<array{string, list<string>}>>} $kept */
        $kept = $item->get();
        $known = null === $kept || $print !== $kept['print'] ? null : Grouping::read($kept['works']);
        $made = $offers($known);
        if (null === $known) {
            $this->cache->save($item->set(['print' => $print, 'works' => $made->grouping->works])->expiresAfter(self::DAYS_S));
        }

        return $made;
    }
}
