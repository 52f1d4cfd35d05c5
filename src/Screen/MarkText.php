<?php

declare(strict_types=1);

namespace App\Screen;

/** A mark in words. */
final readonly class MarkText
{
    /**
     * @param string $at its place along the line
     * @param string $told whether somebody may dig by it, and if not, why
     * @param string $painted what is on the ground, and what the ground is
     * @param string $taped the distances from what stays
     * @param string $placed how sure its place on the plan of the site is, or why it has none; empty where nobody taped it
     */
    public function __construct(
        public string $id, public string $label, public string $at, public string $depth, public string $told, public string $painted,
        public string $taped, public string $placed, public string $note, public bool $isGood, public bool $isOdd,
    ) {
    }
}
