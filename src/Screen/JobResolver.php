<?php

declare(strict_types=1);

namespace App\Screen;

use App\Firm\Account;
use App\Record\Job;
use App\Record\JobRepository;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * Gives a controller the job of the address, if it is the signed-in person's firm's; to anybody else it is not there.
 * Ahead of the resolver that would give the bare identifier.
 */
#[AutoconfigureTag('controller.argument_value_resolver', ['priority' => 150])]
final readonly class JobResolver implements ValueResolverInterface
{
    public function __construct(private JobRepository $jobs, private Security $security)
    {
    }

    /** @return list<Job> */
    public function resolve(Request $request, ArgumentMetadata $argument): array
    {
        $id = $request->attributes->get($argument->getName());
        if (Job::class !== $argument->getType() || !\is_string($id)) {
            return [];
        }
        $account = $this->security->getUser();
        $job = $account instanceof Account ? $this->jobs->ofFirm($id, $account->firm) : null;

        return [$job ?? throw new NotFoundHttpException('error.no_such_job')];
    }
}
