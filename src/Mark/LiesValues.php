<?php

declare(strict_types=1);

namespace App\Mark;

use Jurvex\Core\Site\SitePlan;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** Where the plan of the site lies on the earth, as it stands in its form. */
final class LiesValues
{
    #[Assert\Range(notInRangeMessage: 'error.bearing_range', min: 0, max: 360)]
    public ?float $bearing = null;

    #[Assert\Range(notInRangeMessage: 'error.latitude_range', min: -89.9, max: 89.9)]
    public ?float $latitude = null;

    #[Assert\Range(notInRangeMessage: 'error.longitude_range', min: -180, max: 180)]
    public ?float $longitude = null;

    public static function of(SitePlan $plan): self
    {
        $values = new self();
        [$values->bearing, $values->latitude, $values->longitude] = [$plan->bearing, $plan->earth?->latitude, $plan->earth?->longitude];

        return $values;
    }

    #[Assert\Callback]
    public function isWhole(ExecutionContextInterface $context): void
    {
        foreach (['latitude' => $this->latitude, 'longitude' => $this->longitude, 'bearing' => $this->bearing] as $field => $value) {
            if (null === $value && (null !== $this->latitude || null !== $this->longitude)) {
                $context->buildViolation('error.earth_whole')->atPath($field)->addViolation();
            }
        }
    }
}
