<?php

declare(strict_types=1);

namespace App\Support\Wording;

use Symfony\Contracts\Translation\LocaleAwareInterface;
use Symfony\Contracts\Translation\TranslatorInterface;
use Twig\Extension\AbstractExtension;
use Twig\TwigFilter;
use Twig\TwigFunction;

/**
 * `kind|words('kind')`: the words for a code of the core; `wording('kind', codes)`: those of several, by code. A long run
 * asks for the same few hundreds of times, so they are kept for the request.
 */
final class WordsExtension extends AbstractExtension
{
    /** @var array<string, array<string, string>> by language and key */
    private array $known = [];

    /** @param TranslatorInterface&LocaleAwareInterface $translator */
    public function __construct(private readonly TranslatorInterface $translator)
    {
    }

    public function getFunctions(): array
    {
        return [new TwigFunction('wording', [$this, 'wording'])];
    }

    public function getFilters(): array
    {
        return [new TwigFilter('words', [$this, 'words'])];
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

        return $this->known[$this->translator->getLocale()][$key] ??= $this->translator->trans($key);
    }

    /**
     * @param list<\BackedEnum|string> $codes
     *
     * @return array<string, string> the words of each, by code
     */
    public function wording(string $list, array $codes): array
    {
        $wording = [];
        foreach ($codes as $code) {
            $wording[$code instanceof \BackedEnum ? (string) $code->value : $code] = $this->words($code, $list);
        }

        return $wording;
    }
}
