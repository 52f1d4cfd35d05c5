<?php

declare(strict_types=1);

namespace App\Compare;

use App\Screen\CompareText;
use App\Screen\FateText;
use App\Work\JudgedRun;
use Jurvex\Core\Ribbon\Ribbon;
use Jurvex\Core\Ribbon\Thread;

/** Two looks over each other, and all that could be. */
final readonly class ComparePage
{
    /**
     * @param ?CompareText $text none where there are not two looks
     * @param list<Ribbon> $ribbons before and after
     * @param array<string, string> $looks by run, oldest first
     */
    public function __construct(public ?CompareText $text, public array $ribbons, public array $looks)
    {
    }

    /** @return list<Thread> */
    public function threads(): array
    {
        return null !== $this->text && isset($this->ribbons[0], $this->ribbons[1])
            ? $this->text->pair->threads($this->ribbons[0], $this->ribbons[1]) : [];
    }

    /** @return array<string, JudgedRun> by photographed finding of either look */
    public function photographed(): array
    {
        $lines = [];
        foreach (null === $this->text ? [] : [$this->text->pair->before, $this->text->pair->after] as $line) {
            $lines += array_fill_keys($line->photographed, $line);
        }

        return $lines;
    }

    /** @return list<FateText> findings that only the later look has: what one before may be paired with by hand */
    public function alone(): array
    {
        return array_values(array_filter($this->text->fates ?? [], static fn (FateText $each) => null === $each->beforeId));
    }
}
