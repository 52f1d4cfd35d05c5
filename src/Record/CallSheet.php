<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Component\Validator\Constraints as Assert;

/** What is known when the phone is put down. */
#[ORM\Embeddable]
class CallSheet
{
    #[ORM\Column(enumType: Why::class)]
    #[Assert\NotNull(message: 'error.choose')]
    public ?Why $why = Why::Stoppage;

    #[ORM\Column(length: 200)]
    #[Assert\NotBlank(message: 'error.place_missing', normalizer: 'trim'), Assert\Length(max: 200, maxMessage: 'error.too_long')]
    public string $place = '';

    #[ORM\Column(length: 200)]
    #[Assert\NotBlank(message: 'error.customer_missing', normalizer: 'trim'), Assert\Length(max: 200, maxMessage: 'error.too_long')]
    public string $customer = '';

    #[ORM\Column(length: 200)]
    #[Assert\Length(max: 200, maxMessage: 'error.too_long')]
    public string $contact = '';

    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.year_range', min: 1500, max: 2100)]
    public ?int $yearBuilt = null;

    #[ORM\Column(type: 'date_immutable', nullable: true)]
    public ?\DateTimeImmutable $plannedOn = null;

    /** Place in the day's order; what comes first is lowest. */
    #[ORM\Column]
    #[Assert\Range(notInRangeMessage: 'error.order_range', min: 1, max: 99)]
    public int $turn = 1;

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000, maxMessage: 'error.too_long')]
    public string $backsUp = '';

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000, maxMessage: 'error.too_long')]
    public string $ordered = '';

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000, maxMessage: 'error.too_long')]
    public string $notOrdered = '';

    #[ORM\Column(length: 40)]
    #[Assert\Length(max: 40, maxMessage: 'error.too_long')]
    public string $number = '';

    #[ORM\Column(length: 40)]
    #[Assert\Length(max: 40, maxMessage: 'error.too_long')]
    public string $customerNumber = '';

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000, maxMessage: 'error.too_long')]
    public string $bring = '';

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000, maxMessage: 'error.too_long')]
    public string $notes = '';

    /** The units of the customer's report. */
    #[ORM\Column(enumType: UnitSystem::class)]
    public UnitSystem $reportUnits = UnitSystem::Metric;

    /** The language of the customer's report, by its code; none goes by who reads. */
    #[ORM\Column(length: 12, nullable: true)]
    #[Assert\Regex('/^[A-Za-z]{2,3}(_[A-Za-z0-9]{2,8})?$/', message: 'error.choose')]
    public ?string $reportLanguage = null;

    /** @param int $turn its place in the order of the day, from 1 */
    public function planOn(?\DateTimeImmutable $day, int $turn): void
    {
        // A day that is the same is no change.
        if ($this->plannedOn?->format('Y-m-d') !== $day?->format('Y-m-d')) {
            $this->plannedOn = $day;
        }
        $this->turn = $turn;
    }
}
