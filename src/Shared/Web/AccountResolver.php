<?php

declare(strict_types=1);

namespace App\Shared\Web;

use App\Account\Account;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;

/** Gives a controller who is signed in. */
final readonly class AccountResolver implements ValueResolverInterface
{
    public function __construct(private Security $security)
    {
    }

    public function resolve(Request $request, ArgumentMetadata $argument): iterable
    {
        if (Account::class !== $argument->getType()) {
            return [];
        }
        $account = $this->security->getUser();

        return [$account instanceof Account ? $account : throw new AccessDeniedException()];
    }
}
