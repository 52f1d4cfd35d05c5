<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\Firm;
use App\Firm\StartingKit;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Exception\InvalidArgumentException;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('jurvex:firm:create', 'Adds a firm')]
final class CreateFirmCommand extends Command
{
    public function __construct(private readonly EntityManagerInterface $manager)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('name', InputArgument::REQUIRED)->addArgument('time-zone', InputArgument::REQUIRED);
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $name = $input->getArgument('name');
        $zone = $input->getArgument('time-zone');
        if (!\is_string($name) || '' === trim($name) || null !== $this->manager->getRepository(Firm::class)->findOneBy(['name' => $name])) {
            throw new InvalidArgumentException('A firm needs a name that no other firm has.');
        }
        if (!\is_string($zone) || !\in_array($zone, \DateTimeZone::listIdentifiers(), true)) {
            throw new InvalidArgumentException('The time zone must be one such as Europe/Lisbon.');
        }
        $firm = new Firm($name, $zone);
        array_map($this->manager->persist(...), [$firm, ...StartingKit::of($firm)]);
        $this->manager->flush();

        return Command::SUCCESS;
    }
}
