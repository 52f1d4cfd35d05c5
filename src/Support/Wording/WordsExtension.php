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

    /** The same as it stands after another word. What begins with two capitals or a single letter is a name. */
    public function within(\BackedEnum|string|null $code, string $list): string
    {
        return self::lowered($this->words($code, $list));
    }

    public static function lowered(string $words): string
    {
        return preg_match('/^\p{Lu}\p{Ll}/u', $words) ? mb_strtolower(mb_substr($words, 0, 1)).mb_substr($words, 1) : $words;
    }

    /** @param \BackedEnum|string|null $code none is a finding without a class: look again */
    public function words(\BackedEnum|string|null $code, string $list): string
    {
        $key = $list.'.'.($code instanceof \BackedEnum ? $code->value : $code ?? 'look_again');

        return $this->known[$key] ??= $this->translator->trans($key);
    }
}
