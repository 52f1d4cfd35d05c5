<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Clear\Gauge;
use Jurvex\Core\Clear\NextTry;
use Jurvex\Core\Clear\Progress;
use Jurvex\Core\Clear\Trouble;

/** A tool that would not go on or would not come back: what was seen, what was tried, and how it ended. */
#[ORM\Entity]
class StuckTool implements JobEntry
{
    use OfJob;
    #[ORM\Column(enumType: Gauge::class)]
    private Gauge $gauge = Gauge::Normal;

    #[ORM\Column(enumType: Progress::class, nullable: true)]
    private ?Progress $progress = null;

    #[ORM\Column]
    private bool $soilComesBack = false;

    /** @var list<array{code: string, by: string, at: string}> steps that changed nothing */
    #[ORM\Column(type: 'json')]
    private array $tried = [];

    #[ORM\Column(length: 40)]
    private string $freedBy = '';

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $endedAt = null;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne(inversedBy: 'stuckTools'), ORM\JoinColumn(nullable: false)]
        public readonly Job $job,
        #[ORM\Column(enumType: Trouble::class)]
        public readonly Trouble $trouble,
        #[ORM\Column]
        public readonly float $atM,
        #[ORM\Column]
        public readonly \DateTimeImmutable $beganAt,
    ) {
    }

    public function see(Gauge $gauge, ?Progress $progress, bool $soilComesBack): void
    {
        $this->gauge = $gauge;
        $this->progress = $progress;
        $this->soilComesBack = $soilComesBack;
    }

    public function gauge(): Gauge
    {
        return $this->gauge;
    }

    public function progress(): ?Progress
    {
        return $this->progress;
    }

    public function soilComesBack(): bool
    {
        return $this->soilComesBack;
    }

    /** A step that changed nothing; the same one sent twice is there once. */
    public function triedInVain(string $code, string $by, \DateTimeImmutable $at): void
    {
        if (!\in_array($code, array_column($this->tried, 'code'), true)) {
            $this->tried = [...$this->tried, ['code' => $code, 'by' => $by, 'at' => $at->format(\DATE_ATOM)]];
        }
    }

    /** @return list<array{code: string, by: string, at: string}> */
    public function tried(): array
    {
        return $this->tried;
    }

    public function next(): NextTry
    {
        return NextTry::after($this->trouble, $this->gauge, $this->progress, $this->soilComesBack, array_column($this->tried, 'code'));
    }

    /** @param string $by the step that freed it, or the stop at which it was left */
    public function end(string $by, \DateTimeImmutable $at): void
    {
        $this->freedBy = $by;
        $this->endedAt = $at;
    }

    public function freedBy(): string
    {
        return $this->freedBy;
    }

    public function endedAt(): ?\DateTimeImmutable
    {
        return $this->endedAt;
    }
}
