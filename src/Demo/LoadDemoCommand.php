<?php

declare(strict_types=1);

namespace App\Demo;

use App\Firm\Firm;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Fills an empty database with the demo; one that holds anything is left as it is. */
#[AsCommand('jurvex:demo:load', 'Fills an empty database with the demo data')]
final class LoadDemoCommand extends Command
{
    public function __construct(
        private readonly DemoWorld $world,
        private readonly EntityManagerInterface $manager,
        private readonly ClockInterface $clock,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (null === $this->manager->getRepository(Firm::class)->findOneBy([])) {
            $this->world->build($this->clock->now());
        }

        return Command::SUCCESS;
    }
}
