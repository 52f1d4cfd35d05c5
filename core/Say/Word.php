<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** One word, number or sign of what was said. */
final readonly class Word
{
    /**
     * @param string $text in lower case, as tables have it
     * @param int $from where it stands in what was said, in bytes
     * @param ?float $atS when it was said, in seconds; none where nobody knows
     * @param ?float $number what it is where it is written in digits
     * @param array<string, true> $tables of words in which it stands
     */
    public function __construct(
        public string $text, public int $from, public int $to, public ?float $atS = null, public ?float $number = null,
        public array $tables = [],
    ) {
    }

    /** Where a sentence ends. */
    public function isStop(): bool
    {
        return \in_array($this->text, ['.', '!', '?', ';', ':'], true);
    }

    public function isComma(): bool
    {
        return ',' === $this->text;
    }
}
