<?php

declare(strict_types=1);

namespace App\Keeper;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('jurvex:restore', 'Puts a copy in the place of all data; stop the server before')]
final class RestoreCommand extends Command
{
    public function __construct(private readonly Backups $backups)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('folder', InputArgument::REQUIRED, 'the copy, as jurvex:backup made it')
            ->addOption('over', null, InputOption::VALUE_NONE, 'even where there are data, which are lost then');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $style = new SymfonyStyle($input, $output);
        $folder = $input->getArgument('folder');
        if ($this->backups->hasData() && true !== $input->getOption('over')) {
            $style->error('There are data here. Copy them first, then say --over.');

            return Command::FAILURE;
        }
        try {
            $rows = $this->backups->restore(\is_string($folder) ? rtrim($folder, '/') : '');
        } catch (BackupFailed $failed) {
            $style->error($failed->getMessage().' Nothing was changed.');

            return Command::FAILURE;
        }
        $style->success(\sprintf('%d rows of %d tables are back.', array_sum($rows), \count($rows)));

        return Command::SUCCESS;
    }
}
