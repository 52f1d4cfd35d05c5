<?php

declare(strict_types=1);

namespace App\Demo;

use App\Firm\Account;
use App\Firm\Firm;
use App\Firm\Role;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;

/** Adds technicians with a run each for bin/load, and prints `address run look` for each, where its entries are posted and read. */
#[AsCommand('jurvex:bench:technicians', 'Adds technicians with an open run each')]
final class FillLoadCommand extends Command
{
    private const FINDINGS = 20;
    private const FIRST_NUMBER = 50_000;

    public function __construct(
        private readonly EntityManagerInterface $manager,
        private readonly BenchJobs $jobs,
        private readonly UserPasswordHasherInterface $hasher,
        private readonly UrlGeneratorInterface $urls,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('count', InputArgument::OPTIONAL, 'How many', '50');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $firm = $this->manager->getRepository(Firm::class)->findOneBy(['name' => 'Tideway Drains'])
            ?? throw new \RuntimeException('The demo data is not loaded.');
        $count = filter_var($input->getArgument('count'), \FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => 1000]]);
        $hash = null;
        if (false === $count) {
            throw new \InvalidArgumentException('A number from 1 to 1000.');
        }
        for ($i = 1; $i <= $count; ++$i) {
            $account = new Account($firm, "technician$i@tideway.example", "Technician $i", Role::Technician);
            $account->prefer(UnitSystem::Metric, $account->theme());
            $account->changePassword($hash ??= $this->hasher->hashPassword($account, DemoWorld::PASSWORD));
            $this->manager->persist($account);
            $run = $this->jobs->withRun($firm, self::FIRST_NUMBER + $i, self::FINDINGS);
            $look = $this->urls->generate('look', ['job' => $run->job->id]);
            $output->writeln($account->email." $look/runs/{$run->id}/findings/ $look");
        }
        $this->manager->flush();

        return Command::SUCCESS;
    }
}
