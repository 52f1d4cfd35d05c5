<?php

declare(strict_types=1);

namespace App\Support\Database;

use Doctrine\ORM\Mapping as ORM;

/** Taken back, not deleted: it stays in the record with the time at which it was withdrawn. */
trait Withdrawable
{
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $withdrawnAt = null;

    public function withdraw(\DateTimeImmutable $at): void
    {
        $this->withdrawnAt ??= $at;
    }

    public function restore(): void
    {
        $this->withdrawnAt = null;
    }

    public function withdrawnAt(): ?\DateTimeImmutable
    {
        return $this->withdrawnAt;
    }
}
