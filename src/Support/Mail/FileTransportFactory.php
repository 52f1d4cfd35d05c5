<?php

declare(strict_types=1);

namespace App\Support\Mail;

use Psr\EventDispatcher\EventDispatcherInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\Mailer\Transport\AbstractTransportFactory;
use Symfony\Component\Mailer\Transport\Dsn;
use Symfony\Component\Mailer\Transport\TransportInterface;

/** `file://FOLDER`: letters are laid down in var/FOLDER. */
#[AutoconfigureTag('mailer.transport_factory')]
final class FileTransportFactory extends AbstractTransportFactory
{
    public function __construct(
        private readonly string $projectDir, private readonly ?EventDispatcherInterface $events = null,
        private readonly ?LoggerInterface $log = null,
    ) {
        parent::__construct();
    }

    public function create(Dsn $dsn): TransportInterface
    {
        return new FileTransport($this->projectDir.'/var/'.basename($dsn->getHost()), $this->events, $this->log);
    }

    /** @return list<string> */
    protected function getSupportedSchemes(): array
    {
        return ['file'];
    }
}
