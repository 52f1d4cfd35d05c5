<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

/** A phrase of the tables, or an amount, where it was said. */
final readonly class Atom
{
    public const KIND = 'kind';
    public const CLOCK = 'clock';
    public const MATERIAL = 'material';
    public const FACT = 'fact';
    public const WHOLE = 'whole';
    public const AMOUNT = 'amount';
    public const NONE = 'none';

    /**
     * @param string $meaning as the table has it: a kind with its facts, hours of the clock, a material
     * @param int $first its first word
     * @param int $last its last word
     */
    public function __construct(
        public string $role, public string $meaning, public int $first, public int $last, public ?Amount $amount = null,
    ) {
    }
}
