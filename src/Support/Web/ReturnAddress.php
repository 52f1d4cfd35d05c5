<?php

declare(strict_types=1);

namespace App\Support\Web;

use Symfony\Component\Routing\Exception\ExceptionInterface;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Symfony\Component\Routing\Matcher\UrlMatcherInterface;
use Symfony\Component\Routing\RequestContext;

/** Where to go back to after an entry, as the page has said it: only ever a page of ours. */
final readonly class ReturnAddress
{
    /** @param UrlMatcherInterface&UrlGeneratorInterface $router */
    public function __construct(private UrlMatcherInterface $router)
    {
    }

    /** @param string $fallback route for what is no address of ours */
    public function of(string $given, string $fallback): string
    {
        $path = preg_replace('/[?#].*$/s', '', $given) ?? '';
        $isPlain = 1 === preg_match('#^/[\w./-]*(?:\?[\w.~%=&+\[\]-]*)?$#D', $given);

        return $isPlain && $this->isOurs($path) ? $given : $this->router->generate($fallback);
    }

    private function isOurs(string $path): bool
    {
        $context = $this->router->getContext();
        $this->router->setContext(new RequestContext(method: 'GET'));
        try {
            $this->router->match($path);

            return true;
        } catch (ExceptionInterface) {
            return false;
        } finally {
            $this->router->setContext($context);
        }
    }
}
