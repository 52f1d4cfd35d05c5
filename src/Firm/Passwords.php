<?php

declare(strict_types=1);

namespace App\Firm;

use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\PasswordHasher\PasswordHasherInterface;

/** What a password must be, and giving one to somebody. */
final readonly class Passwords
{
    public const SHORTEST = 10;

    public function __construct(private PasswordHasherFactoryInterface $hashers)
    {
    }

    public function isGood(#[\SensitiveParameter] string $password): bool
    {
        return mb_strlen($password) >= self::SHORTEST && \strlen($password) <= PasswordHasherInterface::MAX_PASSWORD_LENGTH;
    }

    public function isTheirs(Account $account, #[\SensitiveParameter] string $password): bool
    {
        return $this->hashers->getPasswordHasher($account)->verify($account->getPassword(), $password);
    }

    /** @throws \DomainException for one that is too short or too long */
    public function give(Account $account, #[\SensitiveParameter] string $password): void
    {
        if (!$this->isGood($password)) {
            throw new \DomainException(\sprintf('A password has at least %d letters.', self::SHORTEST));
        }
        $account->changePassword($this->hashers->getPasswordHasher($account)->hash($password));
    }
}
