<?php

declare(strict_types=1);

namespace App\HandOver\LongWork;

use Psr\Log\LoggerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Lock\LockFactory;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Messenger\Stamp\ReceivedStamp;
use Symfony\Component\Messenger\Transport\TransportInterface;

/** In the place of messenger:consume, whose worker wants symfony/clock, which is not to be had everywhere. */
#[AsCommand('jurvex:long-work', 'Does the long work that waits, then ends; where one does it already, ends at once')]
final class LongWorkCommand extends Command
{
    private const TRANSPORT = 'long_work';
    private const PAUSE_US = 500_000;

    public function __construct(
        #[Autowire(service: 'messenger.transport.long_work')]
        private readonly TransportInterface $transport,
        private readonly MessageBusInterface $bus, private readonly LockFactory $locks, private readonly LoggerInterface $logger,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('stay', null, InputOption::VALUE_REQUIRED, 'Waits for more, for so many seconds', '0');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $stay = $input->getOption('stay');
        $until = hrtime(true) + (is_numeric($stay) ? (int) $stay : 0) * 1_000_000_000;
        $turn = $this->locks->createLock('jurvex-long-work');
        if (!$turn->acquire()) {
            return self::SUCCESS;
        }
        try {
            while ($this->doNext() || hrtime(true) < $until) {
                // Until nothing waits any more.
            }
        } finally {
            $turn->release();
        }

        return self::SUCCESS;
    }

    /** @return bool whether something waited */
    private function doNext(): bool
    {
        $waited = false;
        foreach ($this->transport->get() as $envelope) {
            $waited = true;
            try {
                $this->bus->dispatch($envelope->with(new ReceivedStamp(self::TRANSPORT)));
            } catch (\Throwable $error) {
                // Whoever asked for it is told so by the work itself, and may ask anew.
                $this->logger->error('Long work failed: {message}', ['message' => $error->getMessage(), 'exception' => $error]);
            }
            $this->transport->ack($envelope);
        }
        if (!$waited) {
            usleep(self::PAUSE_US);
        }

        return $waited;
    }
}
