<?php

declare(strict_types=1);

namespace App\Record;

use App\Firm\Firm;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Site\SitePlan;
use Jurvex\Core\Sketch\Sketch;

/** A place with drains, which outlives its jobs: its line map stays with it. */
#[ORM\Entity(repositoryClass: PropertyRepository::class)]
#[ORM\UniqueConstraint(columns: ['firm_id', 'place_key'])]
class Property
{
    #[ORM\Column(length: 200)]
    private string $place;

    #[ORM\Column(length: 200)]
    private string $placeKey;

    /** @var array<mixed> the line map as plain values; nothing before it is begun */
    #[ORM\Column(type: 'json')]
    private array $map = [];

    /** @var list<string> proposals of runs that somebody has turned down */
    #[ORM\Column(type: 'json')]
    private array $turnedDown = [];

    /** @var array<mixed> what stays on the site, as plain values; nothing before anything is drawn */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    private array $sitePlan = [];

    private ?Sketch $sketch = null;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Firm $firm,
        string $place,
    ) {
        $this->rename($place);
    }

    /** The same place however it was typed. */
    public static function key(string $place): string
    {
        return mb_strtolower(trim((string) preg_replace('/[\s,]+/u', ' ', $place)));
    }

    public function rename(string $place): void
    {
        $this->place = $place;
        $this->placeKey = self::key($place);
    }

    public function place(): string
    {
        return $this->place;
    }

    public function isAt(string $place): bool
    {
        return $this->placeKey === self::key($place);
    }

    public function hasMap(): bool
    {
        return [] !== $this->map;
    }

    public function sketch(): Sketch
    {
        return $this->sketch ??= $this->hasMap() ? Sketch::read(new Input($this->map)) : Sketch::bare();
    }

    public function draw(Sketch $sketch): void
    {
        $this->sketch = $sketch;
        $this->map = $sketch->plain();
    }

    /** Back to where nobody has begun a map. */
    public function wipe(): void
    {
        $this->sketch = null;
        $this->map = [];
    }

    /** The map is read anew from what is stored. */
    public function forget(): void
    {
        $this->sketch = null;
    }

    /** @return array<mixed> */
    public function map(): array
    {
        return $this->map;
    }

    public function hasSitePlan(): bool
    {
        return [] !== $this->sitePlan;
    }

    public function sitePlan(): SitePlan
    {
        return $this->hasSitePlan() ? SitePlan::read(new Input($this->sitePlan)) : SitePlan::bare();
    }

    public function drawSite(SitePlan $plan): void
    {
        $this->sitePlan = $plan->plain();
    }

    public function turnDown(string $proposal): void
    {
        $this->turnedDown = array_values(array_unique([...$this->turnedDown, $proposal]));
    }

    public function hasTurnedDown(string $proposal): bool
    {
        return \in_array($proposal, $this->turnedDown, true);
    }
}
