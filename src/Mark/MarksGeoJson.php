<?php

declare(strict_types=1);

namespace App\Mark;

use App\Work\MarkedGround;
use Jurvex\Core\Site\DugBox;
use Jurvex\Core\Site\OnEarth;
use Jurvex\Core\Site\Place;

/** Marks, the line through them and the boxes of digs as GeoJSON (RFC 7946): longitude and latitude on WGS 84. */
final readonly class MarksGeoJson
{
    private const JSON = \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR;

    /** @param list<DugBox> $boxes */
    public static function write(MarkedGround $ground, OnEarth $earth, array $boxes): string
    {
        $features = [];
        foreach ($ground->marks as $on) {
            $tied = $on->placing->tied;
            if (null === $tied) {
                continue;
            }
            $features[] = self::feature('Point', self::position($earth, $tied->place), [
                'what' => 'mark', 'name' => $on->label, 'along_m' => $on->along(), 'from' => $on->mark->run->opening->details()->place,
                'depth_m' => $on->mark->depth()->median()->metres, 'spread_m' => round($on->mark->depth()->spread()->metres, 4),
                'error_m' => $tied->error, 'good_enough_to_dig' => $on->mark->isGoodEnoughToDig(),
                'agrees' => $tied->agrees() && !\in_array($on->mark->id, $ground->odd(), true),
            ]);
        }
        foreach ($ground->lines() as $line) {
            if (\count($line->places()) > 1) {
                $features[] = self::feature('LineString', self::positions($earth, $line->places()), ['what' => 'line']);
            }
        }
        foreach ($boxes as $box) {
            $ring = self::positions($earth, [...$box->corners, $box->corners[0]]);
            $features[] = self::feature('Polygon', [$ring], ['what' => 'dig', 'name' => $box->id]);
        }

        return json_encode(['type' => 'FeatureCollection', 'features' => $features], self::JSON)."\n";
    }

    /**
     * @param array<mixed> $coordinates
     * @param array<string, mixed> $properties
     *
     * @return array<string, mixed>
     */
    private static function feature(string $type, array $coordinates, array $properties): array
    {
        return [
            'type' => 'Feature', 'geometry' => ['type' => $type, 'coordinates' => $coordinates], 'properties' => $properties,
        ];
    }

    /**
     * @param list<Place> $places
     *
     * @return list<array{float, float}>
     */
    private static function positions(OnEarth $earth, array $places): array
    {
        return array_map(static fn (Place $place) => self::position($earth, $place), $places);
    }

    /** @return array{float, float} longitude first, to the centimetre */
    private static function position(OnEarth $earth, Place $place): array
    {
        ['latitude' => $latitude, 'longitude' => $longitude] = $earth->of($place);

        return [round($longitude, 8), round($latitude, 8)];
    }
}
