<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\Account;
use App\Firm\Firm;
use App\Firm\Passwords;
use App\Firm\Role;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Exception\InvalidArgumentException;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Style\SymfonyStyle;

/** Asks for the password, so that it stands in no shell history; or reads it from standard input. */
#[AsCommand('jurvex:account:create', 'Adds somebody to a firm')]
final class CreateAccountCommand extends Command
{
    public function __construct(private readonly EntityManagerInterface $manager, private readonly Passwords $passwords)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('firm', InputArgument::REQUIRED)->addArgument('email', InputArgument::REQUIRED)
            ->addArgument('role', InputArgument::REQUIRED, 'technician, office or owner')->addArgument('name', InputArgument::REQUIRED);
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $given = array_map(static fn (mixed $value) => \is_string($value) ? $value : '', $input->getArguments());
        $accounts = $this->manager->getRepository(Account::class);
        $firm = $this->manager->getRepository(Firm::class)->findOneBy(['name' => $given['firm']])
            ?? throw new InvalidArgumentException('There is no firm of this name; jurvex:firm:create adds one.');
        $role = Role::tryFrom($given['role']) ?? throw new InvalidArgumentException('The role is technician, office or owner.');
        $email = filter_var($given['email'], \FILTER_VALIDATE_EMAIL) ?: throw new InvalidArgumentException('This is no e-mail address.');
        if (null !== $accounts->findOneBy(['email' => $email])) {
            throw new InvalidArgumentException('Somebody signs in with this address already.');
        }
        $password = (new SymfonyStyle($input, $output))->askHidden('Password');
        if (!\is_string($password) || !$this->passwords->isGood($password)) {
            throw new InvalidArgumentException(
                \sprintf('A password has at least %d letters and is none of the commonest.', Passwords::SHORTEST),
            );
        }
        $account = new Account($firm, $email, $given['name'], $role);
        $this->passwords->give($account, $password);
        $this->manager->persist($account);
        $this->manager->flush();

        return Command::SUCCESS;
    }
}
