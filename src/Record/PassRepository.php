<?php

declare(strict_types=1);

namespace App\Record;

use App\Firm\Firm;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Clear\WorkedPass;
use Jurvex\Core\Measure\Length;

final readonly class PassRepository
{
    /** What was long ago was done with other hands and other tools. */
    private const LATEST = 400;

    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** @return list<WorkedPass> of all jobs of a firm, those that say head, deposit, minutes and flow */
    public function worked(Firm $firm): array
    {
        /** @var list<Pass> $passes */
        $passes = $this->manager->createQuery(
            'SELECT pass FROM App\Record\Pass pass JOIN pass.job job WHERE job.firm = :firm'
                .' AND pass.withdrawnAt IS NULL AND pass.open = false AND pass.details.minutesBack > 0'
                .' AND pass.details.flowLMin > 0 AND pass.details.headClass IS NOT NULL'
                .' AND pass.details.blockage IS NOT NULL ORDER BY pass.loggedAt DESC')
            ->setParameter('firm', $firm->id)->setMaxResults(self::LATEST)->getResult();

        return array_values(array_filter(array_map(self::asWorked(...), $passes)));
    }

    /** The tool that is in the line now, without asking the job for all its passes. */
    public function openOf(Job $job): ?Pass
    {
        return $this->manager->getRepository(Pass::class)->findOneBy(['job' => $job, 'open' => true, 'withdrawnAt' => null]);
    }

    private static function asWorked(Pass $pass): ?WorkedPass
    {
        $d = $pass->details();
        $metres = ($d->inM ?? 0.0) - $d->outM;

        return null === $d->blockage || null === $d->headClass || null === $d->minutesBack || null === $d->flowLMin || $metres <= 0 ? null
            : new WorkedPass($d->blockage, $d->headClass, Length::metres($metres), $d->minutesBack, $d->flowLMin);
    }
}
