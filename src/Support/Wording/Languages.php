<?php

declare(strict_types=1);

namespace App\Support\Wording;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Contracts\Translation\LocaleAwareInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/** The languages that are spoken, by their codes, as `en`: how one is added stands in docs/languages.md. */
final readonly class Languages
{
    /** What is read and written by programs keeps its numbers in this one, and whoever types them their point. */
    private const OF_NUMBERS = 'en';

    /**
     * @param list<string> $all
     * @param TranslatorInterface&LocaleAwareInterface $translator
     */
    public function __construct(
        #[Autowire('%kernel.enabled_locales%')] public array $all,
        private TranslatorInterface $translator,
        private RequestStack $requests,
    ) {
    }

    public function now(): string
    {
        return $this->translator->getLocale();
    }

    /** The same where it is spoken here, else none. */
    public function spoken(?string $code): ?string
    {
        return \in_array($code, $this->all, true) ? $code : null;
    }

    /** The same where it is spoken here, else what is spoken now. */
    public function or(?string $code): string
    {
        return $this->spoken($code) ?? $this->now();
    }

    /** Goes on in this language, where it is spoken here. */
    public function speak(?string $code): void
    {
        $language = $this->or($code);
        $this->translator->setLocale($language);
        $this->requests->getCurrentRequest()?->setLocale($language);
        \Locale::setDefault(self::OF_NUMBERS);
    }

    /**
     * What is made in this language; afterwards it goes on in the one from before.
     *
     * @template T
     *
     * @param \Closure(): T $make
     *
     * @return T
     */
    public function in(?string $code, \Closure $make): mixed
    {
        $before = $this->now();
        $this->speak($code);
        try {
            return $make();
        } finally {
            $this->speak($before);
        }
    }

    /** As those who speak it call it. */
    public function nameOf(string $code): string
    {
        return $this->translator->trans('language.name', [], null, $code);
    }
}
