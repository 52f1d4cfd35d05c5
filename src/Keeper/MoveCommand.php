<?php

declare(strict_types=1);

namespace App\Keeper;

use Doctrine\DBAL\Exception as DatabaseException;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('jurvex:move', 'Copies all data into an empty database elsewhere, from SQLite to PostgreSQL or back')]
final class MoveCommand extends Command
{
    public function __construct(private readonly Move $move)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('to', InputArgument::REQUIRED, 'the other database, as DATABASE_URL has it');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $style = new SymfonyStyle($input, $output);
        $to = $input->getArgument('to');
        try {
            $rows = $this->move->to(\is_string($to) ? $to : '');
        } catch (\RuntimeException|DatabaseException $failed) {
            $style->error($failed->getMessage().' Nothing was moved.');

            return Command::FAILURE;
        }
        $style->table(['Table', 'Rows'], array_map(null, array_keys($rows), array_values($rows)));
        $style->success(\sprintf(
            '%d rows of %d tables are there, read again and compared. Set DATABASE_URL to it; this database stays as it was.',
            array_sum($rows), \count($rows),
        ));

        return Command::SUCCESS;
    }
}
