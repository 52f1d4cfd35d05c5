<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Compare\Feature;
use Jurvex\Core\Compare\FeatureKind;
use Jurvex\Core\Compare\Fit;
use Jurvex\Core\Compare\FitFinder;
use Jurvex\Core\Compare\Pairing;
use Jurvex\Core\Compare\Seen;
use Psr\Cache\CacheItemPoolInterface;

/** Finds how the distances of two looks go together, once for what was logged: on a line of hundreds of joints it takes a while. */
final readonly class Fits
{
    private const DAYS_S = 7 * 86400;

    public function __construct(private CacheItemPoolInterface $cache)
    {
    }

    public function of(Seen $before, Seen $after): Fit
    {
        $item = $this->cache->getItem('fit.'.hash('xxh128', serialize([$before->features, $after->features])));
        if (!$item->isHit()) {
            $found = array_map(
                static fn (Pairing $pair) => [$pair->before->kind->value, $pair->before->at, $pair->after->at],
                FitFinder::find($before, $after)->pairs,
            );
            $this->cache->save($item->set($found)->expiresAfter(self::DAYS_S));
        }
        /** @var list<array{string, float, float}> $pairs */
        $pairs = $item->get();

        return Fit::over(array_map(static fn (array $pair) => new Pairing(
            new Feature(FeatureKind::from($pair[0]), $pair[1]), new Feature(FeatureKind::from($pair[0]), $pair[2]),
        ), $pairs));
    }
}
