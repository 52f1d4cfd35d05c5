<?php

declare(strict_types=1);

namespace App\Firm;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\PasswordHasher\PasswordHasherInterface;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Http\Authenticator\Passport\Credentials\PasswordCredentials;
use Symfony\Component\Security\Http\Event\CheckPassportEvent;

/** A password is hashed for an unknown address as for a known one, so that the time of an answer tells nobody which it was. */
final readonly class EvenSignIn
{
    public function __construct(private PasswordHasherFactoryInterface $hashers)
    {
    }

    // Before whatever else asks who it is.
    #[AsEventListener(priority: 512)]
    public function check(CheckPassportEvent $event): void
    {
        $passport = $event->getPassport();
        $password = $passport->getBadge(PasswordCredentials::class);
        if (!$password instanceof PasswordCredentials) {
            return;
        }
        try {
            $passport->getUser();
        } catch (UserNotFoundException $unknown) {
            $given = $password->getPassword();
            // What is too long is refused unhashed for a known address, too.
            if (\strlen($given) <= PasswordHasherInterface::MAX_PASSWORD_LENGTH) {
                $this->hashers->getPasswordHasher(Account::class)->hash($given);
            }
            throw $unknown;
        }
    }
}
