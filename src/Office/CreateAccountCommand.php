<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\Account;
use App\Firm\Firm;
use App\Firm\Role;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Exception\InvalidArgumentException;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Style\SymfonyStyle;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

/** Asks for the password, so that it stands in no shell history; or reads it from standard input. */
#[AsCommand('jurvex:account:create', 'Adds somebody to a firm')]
final class CreateAccountCommand extends Command
{
    private const SHORTEST_PASSWORD = 10;

    public function __construct(private readonly EntityManagerInterface $manager, private readonly UserPasswordHasherInterface $hasher)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('firm', InputArgument::REQUIRED)->addArgument('email', InputArgument::REQUIRED)
            ->addArgument('role', InputArgument::REQUIRED, 'technician or office')->addArgument('name', InputArgument::REQUIRED);
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $given = array_map(static fn (mixed $value) => \is_string($value) ? $value : '', $input->getArguments());
        $accounts = $this->manager->getRepository(Account::class);
        $firm = $this->manager->getRepository(Firm::class)->findOneBy(['name' => $given['firm']])
            ?? throw new InvalidArgumentException('There is no firm of this name; jurvex:firm:create adds one.');
        $role = Role::tryFrom($given['role']) ?? throw new InvalidArgumentException('The role is technician or office.');
        $email = filter_var($given['email'], \FILTER_VALIDATE_EMAIL) ?: throw new InvalidArgumentException('This is no e-mail address.');
        if (null !== $accounts->findOneBy(['email' => $email])) {
            throw new InvalidArgumentException('Somebody signs in with this address already.');
        }
        $password = (new SymfonyStyle($input, $output))->askHidden('Password');
        if (!\is_string($password) || mb_strlen($password) < self::SHORTEST_PASSWORD) {
            throw new InvalidArgumentException(\sprintf('A password has at least %d letters.', self::SHORTEST_PASSWORD));
        }
        $account = new Account($firm, $email, $given['name'], $role);
        $account->changePassword($this->hasher->hashPassword($account, $password));
        $this->manager->persist($account);
        $this->manager->flush();

        return Command::SUCCESS;
    }
}
