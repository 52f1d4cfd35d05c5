<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\FindingRepository;
use App\Record\Opening;
use App\Record\Property;
use App\Record\Run;
use App\Record\Zero;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Sketch\MappedRun;
use Jurvex\Core\Sketch\Meetings;
use Jurvex\Core\Sketch\Proposal;
use Jurvex\Core\Sketch\Proposals;
use Jurvex\Core\Sketch\Question;
use Jurvex\Core\Sketch\Questions;
use Jurvex\Core\Sketch\RunWay;

/** The runs of all jobs at a property, laid on its map. */
final readonly class MappedRuns
{
    public function __construct(private EntityManagerInterface $manager, private FindingRepository $findings)
    {
    }

    /** @return list<MappedRun> oldest first; runs from openings that are not on the map are left out */
    public function of(Property $property): array
    {
        /** @var list<Run> $runs */
        $runs = $this->manager->createQuery(
            'SELECT run, opening FROM App\Record\Run run JOIN run.opening opening JOIN run.job job'
                .' WHERE job.property = :property AND opening.node IS NOT NULL'
                .' ORDER BY run.startedAt ASC, run.id ASC')
            ->setParameter('property', $property->id)->getResult();
        $sketch = $property->sketch();

        return array_values(
            array_filter(
                array_map(fn (Run $run) => isset($sketch->nodes[$run->opening->node() ?? '']) ? $this->mapped($run) : null, $runs),
            ),
        );
    }

    public function mapped(Run $run): MappedRun
    {
        return $this->mappedAt($run, $run->opening->node() ?? '');
    }

    /** As if its opening stood at a node. */
    public function mappedAt(Run $run, string $node): MappedRun
    {
        return new MappedRun($run->id, $node, self::leadOf($run), $this->findings->record($run));
    }

    /**
     * What is asked of the technician: what the latest runs from each opening would write into the map and nobody has turned down.
     *
     * @param list<MappedRun> $runs oldest first
     *
     * @return list<Question>
     */
    public function questions(Property $property, array $runs): array
    {
        $latest = [];
        foreach ($runs as $run) {
            $key = $run->node.'|'.$run->record->travel->value;
            // The newest comes last, whoever came from there first.
            unset($latest[$key]);
            $latest[$key] = $run;
        }
        $proposals = (new Meetings($property->sketch(), array_values($latest)))->all();
        foreach (array_reverse($latest) as $run) {
            array_unshift($proposals, ...(new Proposals($property->sketch(), $run))->all());
        }

        return Questions::of(array_filter($proposals, static fn (Proposal $proposal) => !$property->hasTurnedDown($proposal->key)));
    }

    /** Metres of a run before the line itself: the drop, where zero is at the rim. */
    public static function leadOf(Run $run): float
    {
        return Zero::Rim === $run->details()->zero ? $run->opening->details()->dropM : 0.0;
    }

    /** The way that a run took; none while its opening is not on the map. */
    public static function wayOf(Run $run): ?RunWay
    {
        $node = $run->opening->node() ?? '';
        $sketch = $run->job->property()->sketch();

        return isset($sketch->nodes[$node]) ? RunWay::along($sketch, $node, $run->details()->travel, self::leadOf($run)) : null;
    }

    /** The way that a tool takes from an opening; none while the opening is not on the map. */
    public static function wayFrom(?Opening $opening): ?RunWay
    {
        $sketch = $opening?->job->property()->sketch();

        return null === $opening || null === $sketch || !isset($sketch->nodes[$opening->node() ?? ''])
            ? null
            : RunWay::along($sketch, $opening->node() ?? '', self::travelFrom($opening->details()->faces));
    }

    public static function travelFrom(Faces $faces): Travel
    {
        return Faces::Upstream === $faces ? Travel::Upstream : Travel::Downstream;
    }
}
