<?php

declare(strict_types=1);

namespace App\Support\Mail;

use Psr\EventDispatcher\EventDispatcherInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;

/** Lays letters down as files, to be opened or sent on by any mail program: for a machine that sends no mail itself. */
final class FileTransport extends AbstractTransport
{
    public function __construct(private readonly string $folder, ?EventDispatcherInterface $dispatcher, ?LoggerInterface $logger)
    {
        parent::__construct($dispatcher, $logger);
    }

    public function __toString(): string
    {
        return 'file://'.$this->folder;
    }

    protected function doSend(SentMessage $message): void
    {
        $files = new Filesystem();
        $files->mkdir($this->folder, 0o700);
        $name = date('Ymd-His').'-'.bin2hex(random_bytes(4)).'.eml';
        $files->dumpFile($this->folder.'/'.$name, $message->toString());
    }
}
