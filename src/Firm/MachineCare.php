<?php

declare(strict_types=1);

namespace App\Firm;

use App\Support\Database\Id;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Clear\Care;
use Jurvex\Core\Clear\Machine;

/** The hours of a firm's machine, and what was done to it at which of them. */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['firm_id', 'machine'])]
class MachineCare
{
    #[ORM\Id, ORM\Column(length: 36)]
    public readonly string $id;

    #[ORM\Column]
    private float $hours = 0.0;

    /** @var array<string, float|int> hours at which each was done last, by code of Care */
    #[ORM\Column(type: 'json')]
    private array $done = [];

    /** @var array<string, float|int> hours from one to the next, where the firm's are not the usual ones */
    #[ORM\Column(type: 'json')]
    private array $every = [];

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Firm $firm,
        #[ORM\Column(enumType: Machine::class)]
        public readonly Machine $machine,
    ) {
        $this->id = Id::fresh();
    }

    /** @return list<Care> that the machine needs */
    public function cares(): array
    {
        return Care::of($this->machine);
    }

    public function hours(): float
    {
        return $this->hours;
    }

    /** @param float $hours that it ran, from nought on */
    public function run(float $hours): void
    {
        $this->hours += max(0.0, $hours);
    }

    /**
     * As the meter of the machine has it.
     *
     * @param float $hours from nought on
     */
    public function read(float $hours): void
    {
        $this->hours = max(0.0, $hours);
    }

    /** Done now, at these hours. */
    public function care(Care $care): void
    {
        $this->done = [...$this->done, $care->value => $this->hours];
    }

    /** @param float $hours over nought */
    public function repeat(Care $care, float $hours): void
    {
        $this->every = [...$this->every, $care->value => $hours];
    }

    public function every(Care $care): float
    {
        return (float) ($this->every[$care->value] ?? $care->usualHours());
    }

    /** Hours until it is due again; under nought where it is overdue. */
    public function dueIn(Care $care): float
    {
        return (float) ($this->done[$care->value] ?? 0.0) + $this->every($care) - $this->hours;
    }

    /** @return list<Care> that are due */
    public function due(): array
    {
        return array_values(array_filter(Care::of($this->machine), fn (Care $care) => $this->dueIn($care) <= 0));
    }
}
