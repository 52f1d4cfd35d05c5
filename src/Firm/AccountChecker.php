<?php

declare(strict_types=1);

namespace App\Firm;

use Symfony\Component\Security\Core\Exception\CustomUserMessageAccountStatusException;
use Symfony\Component\Security\Core\User\UserCheckerInterface;
use Symfony\Component\Security\Core\User\UserInterface;

/** Whoever is disabled, or whose firm is closed, does not sign in; and learns it only with the right password. */
final class AccountChecker implements UserCheckerInterface
{
    public function checkPreAuth(UserInterface $user): void
    {
    }

    public function checkPostAuth(UserInterface $user): void
    {
        if ($user instanceof Account && $user->isShut()) {
            throw new CustomUserMessageAccountStatusException('sign_in.disabled');
        }
    }
}
