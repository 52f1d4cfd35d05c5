<?php

declare(strict_types=1);

namespace App\Support\Wording;

use Symfony\Contracts\Translation\TranslatorInterface;
use Twig\Extension\AbstractExtension;
use Twig\TwigFilter;

/**
 * `kind|words('kind')`: the words for a code of the core. A long run asks for the same few hundreds of times, so they
 * are kept for the request.
 */
final class WordsExtension extends AbstractExtension
{
    /** @var array<string, string> */
    private array $known = [];

    public function __construct(private readonly TranslatorInterface $translator)
    {
    }

    public function getFilters(): array
    {
        return [new TwigFilter('words', $this->words(...))];
    }

    /** @param \BackedEnum|string|null $code none is a finding without a class: look again */
    public function words(\BackedEnum|string|null $code, string $list): string
    {
        $key = $list.'.'.($code instanceof \BackedEnum ? $code->value : $code ?? 'look_again');

        return $this->known[$key] ??= $this->translator->trans($key);
    }
}
