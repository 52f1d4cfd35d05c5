<?php

declare(strict_types=1);

namespace App\Firm;

use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Authorization\Voter\Voter;

/**
 * Asks the one table of rights: `is_granted('audit')`, `#[IsGranted(Right::Audit->value)]`.
 *
 * @extends Voter<string, mixed>
 */
final class RightVoter extends Voter
{
    protected function supports(string $attribute, mixed $subject): bool
    {
        return null !== Right::tryFrom($attribute);
    }

    protected function voteOnAttribute(string $attribute, mixed $subject, TokenInterface $token): bool
    {
        $account = $token->getUser();

        return $account instanceof Account && $account->role()->may(Right::from($attribute));
    }
}
