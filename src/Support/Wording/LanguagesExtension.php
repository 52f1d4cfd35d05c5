<?php

declare(strict_types=1);

namespace App\Support\Wording;

use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/** `language()`: what is spoken now, for a page's head; `language_names()`: all that are spoken, by code. */
final class LanguagesExtension extends AbstractExtension
{
    public function __construct(private readonly Languages $languages)
    {
    }

    public function getFunctions(): array
    {
        return [
            new TwigFunction('language', [$this, 'now']),
            new TwigFunction('language_names', [$this, 'names']),
        ];
    }

    public function now(): string
    {
        return $this->languages->now();
    }

    /** @return array<string, string> */
    public function names(): array
    {
        return array_combine($this->languages->all, array_map($this->languages->nameOf(...), $this->languages->all));
    }
}
