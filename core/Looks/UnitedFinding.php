<?php

declare(strict_types=1);

namespace Jurvex\Core\Looks;

/** One thing in the line with all that saw it. */
final readonly class UnitedFinding
{
    /**
     * @param PlacedFinding $newest the reading that counts
     * @param non-empty-list<string> $sightings the findings of the looks, in the order of the looks
     * @param ?string $goneSince the look that saw its place well and found it no more
     */
    public function __construct(public PlacedFinding $newest, public array $sightings, public ?string $goneSince = null)
    {
    }

    public static function firstSeen(PlacedFinding $placed): self
    {
        return new self($placed, [$placed->finding->id]);
    }

    /** Seen again: the newest reading counts, but one with water running does not replace one without. */
    public function seenAgain(PlacedFinding $placed): self
    {
        $keeps = $placed->isProvisional() && !$this->newest->isProvisional();

        return new self($keeps ? $this->newest : $placed, [...$this->sightings, $placed->finding->id]);
    }

    public function gone(string $look): self
    {
        return new self($this->newest, $this->sightings, $look);
    }

    public function isThere(): bool
    {
        return null === $this->goneSince;
    }
}
