<?php

declare(strict_types=1);

namespace App\HandOver\Command;

use App\HandOver\JobFile\JobFileWriter;
use App\Record\JobRepository;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

#[AsCommand('jurvex:job:export', 'Writes a job as a job file')]
final class ExportJobCommand extends Command
{
    public function __construct(
        private readonly JobRepository $jobs,
        private readonly JobFileWriter $writer,
        private readonly TranslatorInterface $translator,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('id', InputArgument::REQUIRED);
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $id = $input->getArgument('id');
        $job = \is_string($id) ? $this->jobs->find($id) : null;
        if (null === $job) {
            $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            $errors->writeln($this->translator->trans('error.no_such_job'));

            return Command::INVALID;
        }
        $file = $this->writer->write($job);
        while (!feof($file)) {
            $output->write((string) fread($file, 65_536), false, OutputInterface::OUTPUT_RAW);
        }

        return Command::SUCCESS;
    }
}
