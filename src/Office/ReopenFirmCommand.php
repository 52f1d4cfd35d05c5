<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\Firm;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Exception\InvalidArgumentException;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('jurvex:firm:reopen', 'Opens a firm again that its owner has closed')]
final class ReopenFirmCommand extends Command
{
    public function __construct(private readonly EntityManagerInterface $manager)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('name', InputArgument::REQUIRED);
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $firm = $this->manager->getRepository(Firm::class)->findOneBy(['name' => $input->getArgument('name')])
            ?? throw new InvalidArgumentException('There is no firm of this name.');
        $firm->access()->reopen();
        $this->manager->flush();

        return Command::SUCCESS;
    }
}
