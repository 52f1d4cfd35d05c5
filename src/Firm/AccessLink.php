<?php

declare(strict_types=1);

namespace App\Firm;

use App\Support\Database\Id;
use Doctrine\ORM\Mapping as ORM;

/** A link by which somebody joins a firm or chooses another password: it works once, for a while. Only a hash of its key is stored. */
#[ORM\Entity]
class AccessLink
{
    #[ORM\Id, ORM\Column(length: 36)]
    public readonly string $id;

    #[ORM\Column]
    public readonly \DateTimeImmutable $endsAt;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $usedAt = null;

    private function __construct(
        #[ORM\Column(name: '`for`', enumType: AccessFor::class)]
        public readonly AccessFor $for,
        #[ORM\Column(length: 64, unique: true)]
        public readonly string $hash,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Firm $firm,
        #[ORM\Column(length: 180)]
        public readonly string $email,
        #[ORM\Column(length: 120)]
        public readonly string $name,
        #[ORM\Column(enumType: Role::class)]
        public readonly Role $role,
        #[ORM\Column]
        public readonly \DateTimeImmutable $madeAt,
    ) {
        $this->id = Id::fresh();
        $this->endsAt = $madeAt->add($for->lifetime());
    }

    public static function toJoin(string $hash, Firm $firm, string $email, string $name, Role $role, \DateTimeImmutable $at): self
    {
        return new self(AccessFor::Join, $hash, $firm, $email, $name, $role, $at);
    }

    public static function toANewPassword(string $hash, Account $account, \DateTimeImmutable $at): self
    {
        return new self(AccessFor::NewPassword, $hash, $account->firm, $account->email, $account->name(), $account->role(), $at);
    }

    public function isOpen(\DateTimeImmutable $now): bool
    {
        return null === $this->usedAt && $now < $this->endsAt && null === $this->firm->access()->closedAt();
    }

    /** Used, or taken back: it opens no more. */
    public function end(\DateTimeImmutable $at): void
    {
        $this->usedAt ??= $at;
    }
}
