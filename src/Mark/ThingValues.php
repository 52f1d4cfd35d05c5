<?php

declare(strict_types=1);

namespace App\Mark;

use Jurvex\Core\Site\FixedKind;
use Jurvex\Core\Site\FixedThing;
use Jurvex\Core\Site\Place;
use Symfony\Component\Validator\Constraints as Assert;

/** Something that stays on the site, as it stands in its form. */
final class ThingValues
{
    #[Assert\NotNull(message: 'error.choose')]
    public ?FixedKind $kind = null;

    #[Assert\NotBlank(message: 'error.thing_name', normalizer: 'trim'), Assert\Length(max: 80, maxMessage: 'error.too_long')]
    public string $name = '';

    /** To the right on the plan. */
    #[Assert\NotNull(message: 'error.distance_missing'), Assert\Range(notInRangeMessage: 'error.site_range', min: -1000, max: 1000)]
    public ?float $right = null;

    /** Up on the plan. */
    #[Assert\NotNull(message: 'error.distance_missing'), Assert\Range(notInRangeMessage: 'error.site_range', min: -1000, max: 1000)]
    public ?float $up = null;

    public static function of(FixedThing $thing): self
    {
        $values = new self();
        [$values->kind, $values->name, $values->right, $values->up] = [$thing->kind, $thing->name, $thing->place->x, $thing->place->y];

        return $values;
    }

    public function thing(string $id): FixedThing
    {
        return new FixedThing($id, $this->kind ?? FixedKind::Other, trim($this->name), new Place($this->right ?? 0.0, $this->up ?? 0.0));
    }
}
