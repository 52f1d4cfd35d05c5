<?php

declare(strict_types=1);

namespace App\Firm;

use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Clear\Machine;

/** The machines of a firm and their hours. */
final readonly class MachineCares
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** One with no hours yet where nobody has said any. */
    public function of(Firm $firm, Machine $machine): MachineCare
    {
        return $this->manager->getRepository(MachineCare::class)->findOneBy(['firm' => $firm, 'machine' => $machine])
            ?? new MachineCare($firm, $machine);
    }

    /** @return list<MachineCare> */
    public function all(Firm $firm): array
    {
        return array_map(fn (Machine $machine) => $this->of($firm, $machine), Machine::cases());
    }
}
