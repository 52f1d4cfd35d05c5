<?php

declare(strict_types=1);

namespace App\Firm;

use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\PasswordHasher\PasswordHasherInterface;

/** What a password must be, and giving one to somebody. */
final readonly class Passwords
{
    public const SHORTEST = 10;

    private const COMMONEST = __DIR__.'/commonest-passwords.txt';

    public function __construct(private PasswordHasherFactoryInterface $hashers)
    {
    }

    public function isGood(#[\SensitiveParameter] string $password): bool
    {
        return null === $this->wrong($password);
    }

    /** @return ?string what is wrong with it: password_short, password_long or password_common */
    public function wrong(#[\SensitiveParameter] string $password): ?string
    {
        return match (true) {
            mb_strlen($password) < self::SHORTEST => 'password_short',
            \strlen($password) > PasswordHasherInterface::MAX_PASSWORD_LENGTH => 'password_long',
            self::isCommon($password) => 'password_common',
            default => null,
        };
    }

    /** Among the commonest ones of that length, whatever its capitals; or one letter over and over. */
    private static function isCommon(#[\SensitiveParameter] string $password): bool
    {
        $plain = mb_strtolower($password);

        return 1 === \count(array_unique(mb_str_split($plain)))
            || \in_array($plain, file(self::COMMONEST, \FILE_IGNORE_NEW_LINES) ?: [], true);
    }

    public function isTheirs(Account $account, #[\SensitiveParameter] string $password): bool
    {
        return $this->hashers->getPasswordHasher($account)->verify($account->getPassword(), $password);
    }

    /** @throws \DomainException for one that is too short, too long or too common */
    public function give(Account $account, #[\SensitiveParameter] string $password): void
    {
        if (!$this->isGood($password)) {
            throw new \DomainException(\sprintf('A password has at least %d letters and is none of the commonest.', self::SHORTEST));
        }
        $account->changePassword($this->hashers->getPasswordHasher($account)->hash($password));
    }
}
