<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\FindingRepository;
use App\Record\OwnOpinion;
use App\Record\Run;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Judge\Judge;
use Jurvex\Core\Reel\Track;

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
        return $this->all([$run], $rules ?? $run->job->rules())[$run->id];
    }

    /**
     * Several runs by the same rules, with what each rests on asked for at once.
     *
     * @param list<Run> $runs
     *
     * @return array<string, JudgedRun> by run, in their order
     */
    public function all(array $runs, HouseRules $rules): array
    {
        $judge = new Judge($rules);
        $records = $this->findings->recordsAndPairs($runs);
        $own = [];
        foreach ($this->opinions($runs) as $opinion) {
            $own[$opinion->findingId] = $opinion->asOverride();
        }
        $photographed = $this->findings->photographedOn($runs);
        $tracks = $this->tracks->ofAll($runs);
        $judged = [];
        foreach ($runs as $run) {
            [$record, $pairs] = $records[$run->id];
            $judged[$run->id] = new JudgedRun(
                $run, $record, new Judgements($judge, $record, $own), $photographed[$run->id] ?? [],
                $tracks[$run->id] ?? Track::none(), $pairs,
            );
        }

        return $judged;
    }

    /**
     * @param list<Run> $runs
     *
     * @return list<OwnOpinion> that count, oldest first
     */
    private function opinions(array $runs): array
    {
        /** @var list<OwnOpinion> $opinions */
        $opinions = $this->manager->createQuery(
            'SELECT opinion FROM App\Record\OwnOpinion opinion JOIN App\Record\LoggedFinding finding WITH finding.id = opinion.findingId
              WHERE finding.run IN (:runs) AND opinion.withdrawnAt IS NULL ORDER BY opinion.at ASC, opinion.id ASC')
            ->setParameter('runs', array_map(static fn (Run $run) => $run->id, $runs))->getResult();

        return $opinions;
    }
}
