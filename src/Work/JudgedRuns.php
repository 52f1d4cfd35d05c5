<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\FindingRepository;
use App\Record\OwnOpinion;
use App\Record\Run;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Judge\Judge;

/** Judges runs by their job's rules, with the technician's own opinions beside. */
final readonly class JudgedRuns
{
    public function __construct(
        private FindingRepository $findings, private EntityManagerInterface $manager, private Tracks $tracks,
    ) {
    }

    /** @param ?HouseRules $rules by which; none for those of the run's own job */
    public function judge(Run $run, ?HouseRules $rules = null): JudgedRun
    {
        [$record, $pairs] = $this->findings->recordAndPairs($run);
        $judgements = (new Judge($rules ?? $run->job->rules()))->judgeAll($record);
        foreach ($this->opinions($run) as $opinion) {
            if (isset($judgements[$opinion->findingId])) {
                $judgements[$opinion->findingId] = $judgements[$opinion->findingId]->overriddenBy($opinion->asOverride());
            }
        }

        return new JudgedRun($run, $record, $judgements, $this->findings->photographed($run), $this->tracks->of($run), $pairs);
    }

    /** @return list<OwnOpinion> that count, oldest first */
    private function opinions(Run $run): array
    {
        /** @var list<OwnOpinion> $opinions */
        $opinions = $this->manager->createQuery(
            'SELECT opinion FROM App\Record\OwnOpinion opinion JOIN App\Record\LoggedFinding finding WITH finding.id = opinion.findingId
              WHERE finding.run = :run AND opinion.withdrawnAt IS NULL ORDER BY opinion.at ASC, opinion.id ASC')
            ->setParameter('run', $run->id)->getResult();

        return $opinions;
    }
}
