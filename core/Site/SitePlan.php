<?php

declare(strict_types=1);

namespace Jurvex\Core\Site;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;

/**
 * The plan of a site: what stays on it, in metres, and where it lies on the earth. y is 90° to the left of x, so that on paper x
 * runs to the right and y up. Immutable; every change gives a new one, or is refused with what is wrong.
 */
final readonly class SitePlan
{
    private const CORNERS_OF_A_HOUSE = 3;

    /**
     * @param list<FixedThing> $things in the order in which they were drawn
     * @param ?float $bearing of the y axis, degrees clockwise from north; none where nobody gave it
     * @param ?OnEarth $earth none without latitude, longitude and bearing
     */
    private function __construct(public array $things, public ?float $bearing, public ?OnEarth $earth)
    {
    }

    public static function bare(): self
    {
        return new self([], null, null);
    }

    /** @throws BadInput twice for an identifier or a name */
    public static function read(Input $input): self
    {
        $plan = self::bare();
        foreach ($input->objects('things') as $each) {
            $plan = $plan->with(FixedThing::read($each));
        }
        $bearing = $input->optionalNumber('bearing_deg', 0, 360);
        $latitude = $input->optionalNumber('latitude', -89.9, 89.9);
        $longitude = $input->optionalNumber('longitude', -180, 180);

        return $plan->lying($bearing, $latitude, $longitude);
    }

    /** @return array<string, mixed> */
    public function plain(): array
    {
        return [
            'things' => array_map(static fn (FixedThing $thing) => $thing->plain(), $this->things), 'bearing_deg' => $this->bearing,
            'latitude' => $this->earth?->latitude, 'longitude' => $this->earth?->longitude,
        ];
    }

    public function isBlank(): bool
    {
        return [] === $this->things;
    }

    /** @throws BadInput twice where another thing has its name */
    public function with(FixedThing $thing): self
    {
        $things = $this->things;
        $at = \count($things);
        foreach ($things as $i => $known) {
            if ($known->id === $thing->id) {
                $at = $i;
            } elseif ($known->isCalled($thing->name)) {
                throw new BadInput('twice', 'name', ['name' => $thing->name]);
            }
        }
        $things[$at] = $thing;

        return new self(array_values($things), $this->bearing, $this->earth);
    }

    public function without(string $id): self
    {
        $left = array_filter($this->things, static fn (FixedThing $thing) => $thing->id !== $id);

        return new self(array_values($left), $this->bearing, $this->earth);
    }

    /**
     * @param ?float $bearing of the y axis in degrees clockwise from north
     * @param ?float $latitude of the origin, in degrees
     * @param ?float $longitude of the origin, in degrees
     *
     * @throws BadInput missing where only one of latitude and longitude is given, or no bearing with them
     */
    public function lying(?float $bearing, ?float $latitude, ?float $longitude): self
    {
        foreach (['latitude' => $latitude, 'longitude' => $longitude, 'bearing_deg' => $bearing] as $key => $value) {
            if (null === $value && (null !== $latitude || null !== $longitude)) {
                throw BadInput::missing($key);
            }
        }

        return new self($this->things, $bearing, null === $latitude || null === $longitude || null === $bearing
            ? null : new OnEarth($latitude, $longitude, $bearing));
    }

    public function called(string $name): ?FixedThing
    {
        foreach ($this->things as $thing) {
            if ($thing->isCalled($name)) {
                return $thing;
            }
        }

        return null;
    }

    /** @return list<Place> corners of the house in the order in which they were drawn; three and more close */
    public function edge(): array
    {
        $corners = array_filter($this->things, static fn (FixedThing $thing) => FixedKind::HouseCorner === $thing->kind);

        return array_values(array_map(static fn (FixedThing $thing) => $thing->place, $corners));
    }

    /** Where somebody taped something to be: on the side that was said, else where a further tape agrees, else outside the house. */
    public function placed(?Side $side, bool $isIndoors, Length $tapeError, TapedTo ...$taped): Placing
    {
        if ([] === $taped) {
            return Placing::nowhere(Unplaced::NotTaped);
        }
        $ties = [];
        $missing = '';
        foreach ($taped as $each) {
            $thing = $this->called($each->name);
            null === $thing ? $missing = $missing ?: $each->name : $ties[] = new Tie($thing->place, $each->taped);
        }
        if (\count($ties) < 2) {
            return '' === $missing ? Placing::nowhere(Unplaced::OneTape) : Placing::nowhere(Unplaced::NotDrawn, $missing);
        }
        $at = static fn (Side $side) => TiedPlace::of($ties[0], $ties[1], $side, $tapeError, \array_slice($ties, 2));
        [$left, $right] = [$at(Side::Left), $at(Side::Right)];
        if (null === $left || null === $right) {
            return Placing::nowhere(Unplaced::DoNotMeet);
        }
        $side ??= $this->likelier($left, $right, $isIndoors);

        return null === $side ? Placing::nowhere(Unplaced::SideNotSaid) : Placing::at(Side::Left === $side ? $left : $right, $side);
    }

    private function likelier(TiedPlace $left, TiedPlace $right, bool $isIndoors): ?Side
    {
        if ($left->agrees() !== $right->agrees()) {
            return $left->agrees() ? Side::Left : Side::Right;
        }
        if (null === $left->error) {
            // In line with both: the two places are one.
            return Side::Left;
        }
        [$isLeftIn, $isRightIn] = [$this->isInTheHouse($left->place), $this->isInTheHouse($right->place)];
        if ($isLeftIn === $isRightIn) {
            return null;
        }

        return $isLeftIn === $isIndoors ? Side::Left : Side::Right;
    }

    /** By how often a ray crosses the edge; nobody is in a house of less than three corners. */
    public function isInTheHouse(Place $place): bool
    {
        $edge = $this->edge();
        if (\count($edge) < self::CORNERS_OF_A_HOUSE) {
            return false;
        }
        $isIn = false;
        $last = $edge[\count($edge) - 1];
        foreach ($edge as $corner) {
            $isBetween = ($corner->y > $place->y) !== ($last->y > $place->y);
            if ($isBetween && $place->x < ($last->x - $corner->x) * ($place->y - $corner->y) / ($last->y - $corner->y) + $corner->x) {
                $isIn = !$isIn;
            }
            $last = $corner;
        }

        return $isIn;
    }
}
