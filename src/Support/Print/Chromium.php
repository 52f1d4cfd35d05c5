<?php

declare(strict_types=1);

namespace App\Support\Print;

use Symfony\Component\DependencyInjection\Attribute\Target;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Lock\LockFactory;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Process;

/** Prints pages by headless Chromium. A page is a file that needs nothing from the server. */
final readonly class Chromium
{
    private const LONGEST_SECONDS = 60;
    private const SHARPNESS = 2;

    public function __construct(private string $chromium, #[Target('server.lock.factory')] private LockFactory $locks)
    {
    }

    /** @throws PrintFailed */
    public function pdf(string $html): string
    {
        return $this->printed('page.html', $html, '%PDF', [
            '--no-pdf-header-footer', '--export-tagged-pdf', '--generate-pdf-document-outline', '--print-to-pdf=%folder%/out',
        ]);
    }

    /**
     * @return string a PNG, at twice the size of the drawing
     *
     * @throws PrintFailed
     */
    public function picture(string $svg, int $width, int $height): string
    {
        return $this->printed('page.svg', $svg, "\x89PNG", [
            '--hide-scrollbars',
            '--force-device-scale-factor='.self::SHARPNESS,
            '--window-size='.$width.','.$height,
            '--screenshot=%folder%/out.png',
        ]);
    }

    /**
     * @param string $begins how the result's first bytes tell that it is one
     * @param list<string> $wanted arguments, with %folder% for where the result goes, as `out`; a picture's name tells what it is to be
     */
    private function printed(string $name, string $page, string $begins, array $wanted): string
    {
        // One at a time: each is a whole browser, and a share link may be opened by anybody who holds it.
        $turn = $this->locks->createLock('jurvex-print');
        $turn->acquire(true);
        $files = new Filesystem();
        $folder = sys_get_temp_dir().'/jurvex-print-'.bin2hex(random_bytes(8));
        $files->mkdir($folder, 0o700);
        try {
            $files->dumpFile($folder.'/'.$name, $page);
            $process = new Process(
                [
                    $this->chromium, '--headless', '--no-sandbox', '--disable-gpu', '--disable-background-networking',
                    '--disable-component-update', '--disable-sync', '--no-first-run', '--allow-file-access-from-files',
                    '--user-data-dir='.$folder.'/profile', ...str_replace('%folder%', $folder, $wanted),
                    'file://'.$folder.'/'.$name,
                ],
                null, ['HOME' => $folder], null, self::LONGEST_SECONDS,
            );
            $process->run();
            $made = array_values(array_filter([$folder.'/out', $folder.'/out.png'], is_file(...)));
            $result = [] === $made ? '' : (string) file_get_contents($made[0]);
            if (!str_starts_with($result, $begins)) {
                throw new PrintFailed($process->getErrorOutput());
            }

            return $result;
        } catch (ExceptionInterface $error) {
            throw new PrintFailed($error->getMessage(), 0, $error);
        } finally {
            $files->remove($folder);
            $turn->release();
        }
    }
}
