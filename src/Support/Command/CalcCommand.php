<?php

declare(strict_types=1);

namespace App\Support\Command;

use App\Support\Wording\Placeholders;
use Jurvex\Core\Calc\Catalogue;
use Jurvex\Core\Input\BadInput;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Calls a calculation of the core: one JSON object in on standard input, one out; or with --lines one a line. */
#[AsCommand('jurvex:calc', 'Works out one of the core\'s calculations from JSON on standard input')]
final class CalcCommand extends Command
{
    public function __construct(private readonly TranslatorInterface $translator)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('name', InputArgument::OPTIONAL)
            ->addOption('lines', null, InputOption::VALUE_NONE)
            ->addOption('list', null, InputOption::VALUE_NONE);
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $catalogue = Catalogue::complete();
        if (true === $input->getOption('list')) {
            foreach ($catalogue->names() as $name) {
                $output->writeln($name.' — '.$this->translator->trans('calc.'.$name), OutputInterface::OUTPUT_RAW);
            }

            return Command::SUCCESS;
        }
        $name = $input->getArgument('name');
        $name = \is_string($name) ? $name : '';
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        if (!\in_array($name, $catalogue->names(), true)) {
            $errors->writeln(
                $this->inWords(new BadInput('unknown_calculation', '', ['choices' => implode(', ', $catalogue->names())])),
                OutputInterface::OUTPUT_RAW,
            );

            return Command::INVALID;
        }
        if (true !== $input->getOption('lines')) {
            [$line, $good] = $this->answer($catalogue, $name, (string) stream_get_contents(\STDIN));
            ($good ? $output : $errors)->writeln($line, OutputInterface::OUTPUT_RAW);

            return $good ? Command::SUCCESS : Command::INVALID;
        }
        $status = Command::SUCCESS;
        while (false !== $json = fgets(\STDIN)) {
            [$line, $good] = $this->answer($catalogue, $name, $json);
            $output->writeln($line, OutputInterface::OUTPUT_RAW);
            $status = $good ? $status : Command::INVALID;
        }

        return $status;
    }

    /** @return array{string, bool} the line to write, and whether it is a result */
    private function answer(Catalogue $catalogue, string $name, string $json): array
    {
        try {
            $given = json_decode($json, false, 512, \JSON_THROW_ON_ERROR);
            $values = json_decode($json, true, 512, \JSON_THROW_ON_ERROR);
            if (!$given instanceof \stdClass || !\is_array($values)) {
                throw new BadInput('bad_json', '');
            }

            return [
                json_encode(
                    $catalogue->calculate($name, $values),
                    \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR,
                ),
                true,
            ];
        } catch (\JsonException) {
            return [$this->inWords(new BadInput('bad_json', '')), false];
        } catch (BadInput $error) {
            return [$this->inWords($error), false];
        }
    }

    private function inWords(BadInput $error): string
    {
        return json_encode([
            'error' => $error->reason, 'at' => $error->at,
            'message' => trim(
                $this->translator->trans('calc_error.'.$error->reason, Placeholders::of(['at' => $error->at] + $error->allowed)),
            ),
        ], \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR);
    }
}
