<?php

declare(strict_types=1);

namespace App\HandOver;

use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Lock\LockFactory;
use Symfony\Component\Lock\Store\FlockStore;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Process;

/** Prints a page to PDF by headless Chromium. The page is a file that needs nothing from the server. */
final readonly class PdfPrinter
{
    private const LONGEST_SECONDS = 60;

    public function __construct(private string $chromium)
    {
    }

    /** @throws PdfFailed when Chromium is missing, fails or takes too long */
    public function print(string $html): string
    {
        // One at a time: each is a whole browser, and a share link may be opened by anybody who holds it.
        $turn = (new LockFactory(new FlockStore()))->createLock('jurvex-pdf');
        $turn->acquire(true);
        $files = new Filesystem();
        $folder = sys_get_temp_dir().'/jurvex-pdf-'.bin2hex(random_bytes(8));
        $files->mkdir($folder, 0o700);
        try {
            $files->dumpFile($folder.'/report.html', $html);
            $process = new Process([$this->chromium, '--headless', '--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update',
                '--disable-sync', '--no-first-run', '--allow-file-access-from-files', '--user-data-dir='.$folder.'/profile', '--no-pdf-header-footer',
                '--print-to-pdf='.$folder.'/report.pdf', 'file://'.$folder.'/report.html'], null, ['HOME' => $folder], null, self::LONGEST_SECONDS);
            $process->run();
            $pdf = is_file($folder.'/report.pdf') ? (string) file_get_contents($folder.'/report.pdf') : '';
            if (!str_starts_with($pdf, '%PDF')) {
                throw new PdfFailed($process->getErrorOutput());
            }

            return $pdf;
        } catch (ExceptionInterface $error) {
            throw new PdfFailed($error->getMessage(), 0, $error);
        } finally {
            $files->remove($folder);
            $turn->release();
        }
    }
}
