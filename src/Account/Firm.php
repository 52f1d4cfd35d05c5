<?php

declare(strict_types=1);

namespace App\Account;

use App\Shared\Database\Id;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Judge\School;

/** A firm with its people, its jobs and its house rules. Nothing of one firm can be reached from another. */
#[ORM\Entity]
class Firm
{
    #[ORM\Id, ORM\Column(length: 36)]
    public readonly string $id;

    #[ORM\Column(enumType: School::class)]
    private School $waterSchool = School::Carrying;

    #[ORM\Column(enumType: School::class)]
    private School $rootsSchool = School::Upkeep;

    /** @var array<string, float> */
    #[ORM\Column(type: 'json')]
    private array $limits = [];

    public function __construct(
        #[ORM\Column(length: 120, unique: true)]
        public readonly string $name,
        #[ORM\Column(length: 60)]
        public readonly string $timeZone,
    ) {
        $this->id = Id::fresh();
        new \DateTimeZone($timeZone);
    }

    public function rules(): HouseRules
    {
        return HouseRules::of($this->waterSchool, $this->rootsSchool, $this->limits);
    }

    /**
     * @param array<string, float> $limits those that differ from the starting values
     *
     * @throws \Jurvex\Core\Input\BadInput for a school or limit that cannot be
     */
    public function adopt(School $water, School $roots, array $limits): void
    {
        HouseRules::of($water, $roots, $limits);
        $this->waterSchool = $water;
        $this->rootsSchool = $roots;
        $this->limits = $limits;
    }

    /** The day that it is where the firm works, as midnight UTC of that date. */
    public function today(\DateTimeImmutable $now): \DateTimeImmutable
    {
        return new \DateTimeImmutable($now->setTimezone(new \DateTimeZone($this->timeZone))->format('Y-m-d'), new \DateTimeZone('UTC'));
    }
}
