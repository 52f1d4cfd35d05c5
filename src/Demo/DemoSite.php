<?php

declare(strict_types=1);

namespace App\Demo;

use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Site\Place;
use Jurvex\Core\Site\SitePlan;
use Jurvex\Core\Site\TapedTo;

/** A made-up site with a line across it, so that what is taped agrees with what was counted. */
final readonly class DemoSite
{
    /** @param float $heading of the line, degrees left of x */
    private function __construct(public SitePlan $plan, private Place $zero, private float $heading)
    {
    }

    /** In front of the studio, from the yard cleanout past the kiln shed to the road. */
    public static function potteryStudio(): self
    {
        $things = [
            ['Studio NW corner', 'house_corner', 0.0, 16.0], ['Studio NE corner', 'house_corner', 11.0, 16.0],
            ['Studio SE corner', 'house_corner', 11.0, 8.0], ['Studio SW corner', 'house_corner', 0.0, 8.0],
            ['Yard cleanout by the kiln shed', 'opening', 1.2, 5.6], ['Kiln shed corner', 'other', 7.5, 1.4],
            ['Gate post', 'post', 17.0, 5.2], ['Plum tree', 'tree', 14.2, 9.6], ['Lamp post', 'post', 26.4, 6.6],
        ];

        return new self(self::plan($things, 24.0, 44.512, -28.251), new Place(1.4, 4.4), -6.0);
    }

    /** @param list<array{string, string, float, float}> $things */
    private static function plan(array $things, float $bearing, float $latitude, float $longitude): SitePlan
    {
        $plain = [];
        foreach ($things as $i => [$name, $kind, $x, $y]) {
            // Made up too: identifiers of a plan need only differ from each other.
            $id = \sprintf('01980000-0000-7000-8000-%012d', $i + 1);
            $plain[] = ['id' => $id, 'kind' => $kind, 'name' => $name, 'x_m' => $x, 'y_m' => $y];
        }

        return SitePlan::read(new Input([
            'things' => $plain, 'bearing_deg' => $bearing, 'latitude' => $latitude, 'longitude' => $longitude,
        ]));
    }

    /** @return list<TapedTo> to the centimetre, as a tape is read */
    public function taped(float $along, string ...$names): array
    {
        $place = new Place(
            $this->zero->x + $along * cos(deg2rad($this->heading)), $this->zero->y + $along * sin(deg2rad($this->heading)),
        );
        $taped = [];
        foreach ($names as $name) {
            $thing = $this->plan->called($name) ?? throw new \LogicException($name.' is not drawn.');
            $taped[] = new TapedTo($name, Length::metres(round($place->to($thing->place), 2)));
        }

        return $taped;
    }
}
