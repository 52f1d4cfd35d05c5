<?php

declare(strict_types=1);

namespace App\Keeper;

use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('jurvex:backup', 'Copies all data while the server runs, and tries the copy out')]
final class BackupCommand extends Command
{
    public function __construct(private readonly Backups $backups, private readonly ClockInterface $clock)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('folder', InputArgument::REQUIRED, 'where copies lie; each is a folder of its own in it');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $style = new SymfonyStyle($input, $output);
        $in = $input->getArgument('folder');
        $folder = (\is_string($in) ? rtrim($in, '/') : '').'/jurvex-'.$this->clock->now()->format('Ymd-His');
        try {
            $rows = $this->backups->make($folder);
        } catch (BackupFailed $failed) {
            $style->error($failed->getMessage());

            return Command::FAILURE;
        }
        $style->success(\sprintf('%s: %d rows of %d tables, tried out.', $folder, array_sum($rows), \count($rows)));

        return Command::SUCCESS;
    }
}
