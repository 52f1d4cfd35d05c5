<?php

declare(strict_types=1);

namespace App\Support\Web;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\KernelEvents;

/** What nobody waits for: done once, when the answer has been given. */
final class AfterAnswer
{
    /** @var list<\Closure(): void> */
    private array $left = [];

    /** @param \Closure(): void $do */
    public function do(\Closure $do): void
    {
        $this->left[] = $do;
    }

    #[AsEventListener(KernelEvents::TERMINATE)]
    public function answered(): void
    {
        $left = $this->left;
        $this->left = [];
        foreach ($left as $do) {
            $do();
        }
    }
}
