<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/** A number, and how it is known. */
final readonly class Known
{
    public function __construct(public float $value, public Source $source = Source::Guessed)
    {
    }

    /** @throws BadInput */
    public static function read(Input $input, string $key, float $least, float $most): self
    {
        $known = $input->object($key);

        return new self($known->number('value', $least, $most), $known->choice('source', Source::class));
    }

    /** @return array{value: float, source: string} */
    public function plain(): array
    {
        return ['value' => $this->value, 'source' => $this->source->value];
    }
}
