<?php

declare(strict_types=1);

namespace App\HandOver\Command;

use App\Firm\Firm;
use App\HandOver\JobFile\JobFileReader;
use App\Support\Files\RefusedFile;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
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
        $json = (string) file_get_contents($file);
        $firm = $this->firm($input->getOption('firm'), $json);
        if (null === $firm) {
            $errors->writeln($this->translator->trans('error.job_file.which_firm'));

            return Command::INVALID;
        }
        try {
            $job = $this->reader->read($json, $firm);
        } catch (RefusedFile $refused) {
            foreach ($refused->errors as $error) {
                $errors->writeln($error->at.': '.$this->translator->trans('error.'.$error->code, $error->parameters()));
            }

            return Command::INVALID;
        }
        $output->writeln($job->id);

        return Command::SUCCESS;
    }

    private function firm(mixed $name, string $json): ?Firm
    {
        $firms = $this->manager->getRepository(Firm::class);
        if (\is_string($name)) {
            return $firms->findOneBy(['name' => $name]);
        }
        $document = json_decode($json, true);
        $doneBy = \is_array($document) && \is_array($document['job'] ?? null) ? $document['job']['done_by'] ?? null : null;
        $all = $firms->findBy([], null, 2);

        return (\is_string($doneBy) ? $firms->findOneBy(['name' => $doneBy]) : null) ?? (1 === \count($all) ? $all[0] : null);
    }
}
