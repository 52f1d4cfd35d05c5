<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Clear\Cause;
use Jurvex\Core\Judge\School;
use Jurvex\Core\Mend\Way;

/** What a job has come to: cleared or not, the schools that judge it, the advice, the next upkeep, the hand-over. */
#[ORM\Embeddable]
class Outcome
{
    #[ORM\Column(enumType: Cleared::class, nullable: true)]
    private ?Cleared $cleared = null;

    #[ORM\Column(type: 'text')]
    private string $clearedNote = '';

    /** Hazards and faults seen around the job that are not in the pipe. */
    #[ORM\Column(type: 'text')]
    private string $seenAround = '';

    #[ORM\Column(enumType: School::class, nullable: true)]
    private ?School $waterSchool = null;

    #[ORM\Column(enumType: School::class, nullable: true)]
    private ?School $rootsSchool = null;

    /** What we advise, in the technician's words for the customer. */
    #[ORM\Column(type: 'text')]
    private string $advice = '';

    #[ORM\Column(type: 'text')]
    private string $upkeep = '';

    #[ORM\Column(type: 'date_immutable', nullable: true)]
    private ?\DateTimeImmutable $upkeepDueOn = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $handedOverAt = null;

    /** Why an unfinished look is left unfinished. */
    #[ORM\Column(type: 'text')]
    private string $lookClosedBecause = '';

    /** Why it stopped, where somebody says so; none goes by what came back and was seen. */
    #[ORM\Column(enumType: Cause::class, nullable: true)]
    private ?Cause $cause = null;

    /** How to use the line from now on, in the technician's words; nothing is the house's words for the cause. */
    #[ORM\Column(type: 'text', options: ['default' => ''])]
    private string $useAdvice = '';

    /** Which way to mend the technician recommends; none where nobody has said. */
    #[ORM\Column(enumType: Way::class, nullable: true)]
    private ?Way $recommended = null;

    #[ORM\Column(type: 'text', options: ['default' => ''])]
    private string $recommendedBecause = '';

    /** @var list<ClosingStep> what of the closing list at the site is done */
    #[ORM\Column(type: 'json', enumType: ClosingStep::class, options: ['default' => '[]'])]
    private array $closing = [];

    /** @param list<ClosingStep> $done */
    public function close(array $done): void
    {
        $this->closing = $done;
    }

    /** @return list<ClosingStep> */
    public function closing(): array
    {
        return $this->closing;
    }

    /** @return list<ClosingStep> what of the closing list is open */
    public function openAtTheSite(): array
    {
        return array_values(array_filter(
            ClosingStep::cases(), fn (ClosingStep $step) => !\in_array($step, $this->closing, true),
        ));
    }

    public function recommend(?Way $way, string $because): void
    {
        $this->recommended = $way;
        $this->recommendedBecause = $because;
    }

    public function recommended(): ?Way
    {
        return $this->recommended;
    }

    public function recommendedBecause(): string
    {
        return $this->recommendedBecause;
    }

    public function sayWhy(?Cause $cause, string $useAdvice): void
    {
        $this->cause = $cause;
        $this->useAdvice = $useAdvice;
    }

    public function cause(): ?Cause
    {
        return $this->cause;
    }

    public function useAdvice(): string
    {
        return $this->useAdvice;
    }

    public function sayCleared(?Cleared $cleared, string $note): void
    {
        $this->cleared = $cleared;
        $this->clearedNote = $note;
    }

    public function cleared(): ?Cleared
    {
        return $this->cleared;
    }

    public function clearedNote(): string
    {
        return $this->clearedNote;
    }

    public function noteSeenAround(string $seen): void
    {
        $this->seenAround = $seen;
    }

    public function seenAround(): string
    {
        return $this->seenAround;
    }

    /** @internal the job checks that the schools fit its firm's rules */
    public function judgeBy(?School $water, ?School $roots): void
    {
        $this->waterSchool = $water;
        $this->rootsSchool = $roots;
    }

    public function waterSchool(): ?School
    {
        return $this->waterSchool;
    }

    public function rootsSchool(): ?School
    {
        return $this->rootsSchool;
    }

    public function advise(string $advice, string $upkeep, ?\DateTimeImmutable $upkeepDueOn): void
    {
        $this->advice = $advice;
        $this->upkeep = $upkeep;
        $this->upkeepDueOn = $upkeepDueOn;
    }

    public function advice(): string
    {
        return $this->advice;
    }

    public function upkeep(): string
    {
        return $this->upkeep;
    }

    public function upkeepDueOn(): ?\DateTimeImmutable
    {
        return $this->upkeepDueOn;
    }

    public function handOver(?\DateTimeImmutable $at): void
    {
        $this->handedOverAt = $at;
    }

    public function handedOverAt(): ?\DateTimeImmutable
    {
        return $this->handedOverAt;
    }

    public function closeLook(string $because): void
    {
        $this->lookClosedBecause = $because;
    }

    public function lookClosedBecause(): string
    {
        return $this->lookClosedBecause;
    }
}
