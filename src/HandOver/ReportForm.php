<?php

declare(strict_types=1);

namespace App\HandOver;

use Symfony\Component\HttpFoundation\Request;

/** In what form a report is read: all of it or one page, its findings in their places or the worst first, in which language. */
final readonly class ReportForm
{
    private const SHORT = 'short';
    private const ORDER = 'order';
    private const WORST = 'worst';
    private const LANGUAGE = 'language';

    /** @param ?string $language its code; none is the customer's, or where nobody said it the reader's */
    public function __construct(public bool $isShort = false, public bool $isWorstFirst = false, public ?string $language = null)
    {
    }

    public static function asked(Request $request): self
    {
        return self::of($request->query->all());
    }

    /** @param array<mixed> $query */
    public static function of(array $query): self
    {
        $language = $query[self::LANGUAGE] ?? null;

        return new self(
            filter_var($query[self::SHORT] ?? false, \FILTER_VALIDATE_BOOL), self::WORST === ($query[self::ORDER] ?? null),
            \is_string($language) ? $language : null,
        );
    }

    /** @return array<string, string> what an address says for it */
    public function query(): array
    {
        return ($this->isShort ? [self::SHORT => '1'] : []) + ($this->isWorstFirst ? [self::ORDER => self::WORST] : [])
            + (null === $this->language ? [] : [self::LANGUAGE => $this->language]);
    }

    public function otherLength(): self
    {
        return new self(!$this->isShort, $this->isWorstFirst, $this->language);
    }

    public function otherOrder(): self
    {
        return new self($this->isShort, !$this->isWorstFirst, $this->language);
    }

    public function in(string $language): self
    {
        return new self($this->isShort, $this->isWorstFirst, $language);
    }
}
