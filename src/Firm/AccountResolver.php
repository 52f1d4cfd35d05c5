<?php

declare(strict_types=1);

namespace App\Firm;

use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;

/** Gives a controller who is signed in. */
#[AutoconfigureTag('controller.argument_value_resolver', ['priority' => 150])]
final readonly class AccountResolver implements ValueResolverInterface
{
    public function __construct(private Security $security)
    {
    }

    /** @return list<Account> */
    public function resolve(Request $request, ArgumentMetadata $argument): array
    {
        if (Account::class !== $argument->getType()) {
            return [];
        }
        $account = $this->security->getUser();

        return [$account instanceof Account ? $account : throw new AccessDeniedException()];
    }
}
