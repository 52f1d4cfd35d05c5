<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Judge\Need;

/** The office's opinion of a finding, asked for by the technician; both opinions, who decided and why are kept. */
#[ORM\Entity(repositoryClass: SecondOpinionRepository::class)]
class SecondOpinion implements JobEntry
{
    use OfJob;

    #[ORM\Column(enumType: Need::class, nullable: true)]
    private ?Need $need = null;

    #[ORM\Column(type: 'text')]
    private string $reason = '';

    #[ORM\Column(length: 200)]
    private string $answeredBy = '';

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $answeredAt = null;

    #[ORM\Column(enumType: Decided::class, nullable: true)]
    private ?Decided $decided = null;

    #[ORM\Column(length: 200)]
    private string $decidedBy = '';

    #[ORM\Column(type: 'text')]
    private string $decidedBecause = '';

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $decidedAt = null;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Job $job,
        #[ORM\Column(length: 36)]
        public readonly string $findingId,
        #[ORM\Column(type: 'text')]
        public readonly string $question,
        /** The class that counted when it was asked; none where another look was asked for. */
        #[ORM\Column(enumType: Need::class, nullable: true)]
        public readonly ?Need $asked,
        #[ORM\Column(length: 200)]
        public readonly string $askedBy,
        #[ORM\Column]
        public readonly \DateTimeImmutable $askedAt,
    ) {
    }

    public function answer(Need $need, string $reason, string $by, \DateTimeImmutable $at): void
    {
        [$this->need, $this->reason, $this->answeredBy, $this->answeredAt] = [$need, $reason, $by, $at];
    }

    /** @throws \DomainException before it is answered */
    public function decide(Decided $decided, string $because, string $by, \DateTimeImmutable $at): void
    {
        if (null === $this->need) {
            throw new \DomainException('Nobody has answered yet.');
        }
        [$this->decided, $this->decidedBecause, $this->decidedBy, $this->decidedAt] = [$decided, $because, $by, $at];
    }

    public function need(): ?Need
    {
        return $this->need;
    }

    public function reason(): string
    {
        return $this->reason;
    }

    public function answeredBy(): string
    {
        return $this->answeredBy;
    }

    public function answeredAt(): ?\DateTimeImmutable
    {
        return $this->answeredAt;
    }

    public function decided(): ?Decided
    {
        return $this->decided;
    }

    public function decidedBy(): string
    {
        return $this->decidedBy;
    }

    public function decidedBecause(): string
    {
        return $this->decidedBecause;
    }

    public function decidedAt(): ?\DateTimeImmutable
    {
        return $this->decidedAt;
    }

    public function isAnswered(): bool
    {
        return null !== $this->need;
    }
}
