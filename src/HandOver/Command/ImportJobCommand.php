<?php

declare(strict_types=1);

namespace App\HandOver\Command;

use App\Firm\Firm;
use App\HandOver\JobFile\JobFileReader;
use App\Support\Files\RefusedFile;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Exception\InvalidArgumentException;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Takes a job file into a firm: the one named, else the one that did the work, else the only one. */
#[AsCommand('jurvex:job:import', 'Takes a job file in, whole or not at all')]
final class ImportJobCommand extends Command
{
    private const BEGINNING = 100_000;

    public function __construct(
        private readonly EntityManagerInterface $manager,
        private readonly JobFileReader $reader,
        private readonly TranslatorInterface $translator,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED)->addOption('firm', null, InputOption::VALUE_REQUIRED);
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $file = $input->getArgument('file');
        if (!\is_string($file) || !is_file($file)) {
            $errors->writeln($this->translator->trans('error.job_file.no_file'));

            return Command::INVALID;
        }
        $firm = $this->firm($input->getOption('firm'), $file);
        if (null === $firm) {
            $errors->writeln($this->translator->trans('error.job_file.which_firm'));

            return Command::INVALID;
        }
        try {
            $job = $this->reader->read(fopen($file, 'r') ?: throw new InvalidArgumentException('error.job_file.no_file'), $firm);
        } catch (RefusedFile $refused) {
            foreach ($refused->errors as $error) {
                $errors->writeln($error->at.': '.$this->translator->trans('error.'.$error->code, $error->parameters()));
            }

            return Command::INVALID;
        }
        $output->writeln($job->id);

        return Command::SUCCESS;
    }

    /** The firm that is named; else the one that did the work, as the file's beginning says; else the only one. */
    private function firm(mixed $name, string $file): ?Firm
    {
        $firms = $this->manager->getRepository(Firm::class);
        if (\is_string($name)) {
            return $firms->findOneBy(['name' => $name]);
        }
        $begins = (string) file_get_contents($file, length: self::BEGINNING);
        $doneBy = 1 === preg_match('/"done_by"\s*:\s*("(?:[^"\\\\]|\\\\.)*")/', $begins, $found) ? json_decode($found[1]) : null;
        $all = $firms->findBy([], null, 2);

        return (\is_string($doneBy) ? $firms->findOneBy(['name' => $doneBy]) : null) ?? (1 === \count($all) ? $all[0] : null);
    }
}
