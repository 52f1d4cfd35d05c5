<?php

declare(strict_types=1);

namespace App\WayIn;

use App\Firm\Account;
use App\Firm\Kit;
use App\Firm\KitTool;
use App\Record\Job;
use App\Screen\JobController;
use App\Screen\JobScreens;
use App\Screen\Stage;
use App\Work\Expectation;
use App\Work\MappedRuns;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\LineMap\SegmentReach;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Rig;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Sketch\Alternatives;
use Jurvex\Core\Sketch\ExpectedRun;
use Jurvex\Core\Sketch\NewOpenings;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\ReachFinder;
use Jurvex\Core\Sketch\ReachOption;
use Jurvex\Core\Sketch\RunWay;
use Jurvex\Core\Sketch\Sketch;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What each tool reaches from each opening, and what to use for a place. */
final class ReachController extends JobController
{
    private const LISTED = 6;

    public function __construct(
        JobScreens $screens, EntityManagerInterface $manager, ClockInterface $clock, private readonly Kit $kit,
        private readonly MapViews $views, private readonly FrictionOffers $offers,
    ) {
        parent::__construct($screens, $manager, $clock);
    }

    #[Route('/jobs/{job}/way-in/reach', name: 'reach', methods: 'GET')]
    public function reach(Job $job, Request $request, Account $account): Response
    {
        $sketch = $job->property()->sketch();
        $wet = '0' !== $request->query->getString('wet', '1');
        $tools = $this->kit->of($job->firm);
        $rigs = Kit::rigs($tools, $wet);
        $shown = [
            'tab' => 'reach', 'sketch' => $sketch,
            'view' => $this->views->of($sketch, $account->units(), MapViews::widthFor($request)), 'tools' => $tools,
            'wet' => $wet, 'rigNames' => self::rigNames($tools), 'offers' => $this->offers->of($job), 'target' => null,
            'options' => [], 'else' => [], 'opening' => null, 'rig' => null, 'reached' => [], 'farthest' => null,
            'newOpening' => null,
        ];
        if ([] === $rigs || [] === $sketch->openings() || $sketch->isBlank()) {
            return $this->show($job, $request, $shown, 'way_in/reach.html.twig');
        }
        $finder = new ReachFinder($sketch, $rigs);
        $wanted = $request->query->getString('target');
        $target = self::pipeOf($sketch, $wanted);
        $options = isset($sketch->pipes[$target]) ? $finder->options($target) : [];
        [$opening, $rig] = $this->chosen($job, $sketch, $rigs, $request, $options[0] ?? null);
        $reached = $finder->from($opening, $rig);
        // To what was chosen, if the tool comes there at all; else the way that a run from here would take.
        $leg = $reached[$target]->leg ?? null;
        $way = null === $leg ? RunWay::along($sketch, $opening->id, self::travel($opening)) : RunWay::to($sketch, $leg);
        $isOpen = [] !== $options && ($options[0]->works() || $options[0]->wouldWork());

        $from = $this->views->names($sketch)[$opening->id];

        return $this->show($job, $request, [
            ...$shown, 'opening' => $opening, 'rig' => $rig, 'reached' => $reached, 'farthest' => self::farthest($way, $opening, $reached),
            'stops' => self::stops($reached, $rig), 'target' => isset($sketch->pipes[$target]) ? $target : null,
            'options' => \array_slice($options, 0, self::LISTED),
            'else' => [] === $options || $isOpen ? [] : (new Alternatives($finder))->to($target),
            'newOpening' => [] === $options ? (new NewOpenings($finder))->best() : null,
        ], 'way_in/reach.html.twig', expected: self::expected($sketch, $way, $opening, $reached, $from));
    }

    /** To a fixture or an opening one gets by the pipe below it. */
    private static function pipeOf(Sketch $sketch, string $wanted): string
    {
        return isset($sketch->pipes[$wanted]) ? $wanted : $sketch->below($wanted)->id ?? '';
    }

    /**
     * @param non-empty-list<Rig> $rigs
     *
     * @return array{Node, Rig}
     */
    private function chosen(Job $job, Sketch $sketch, array $rigs, Request $request, ?ReachOption $best): array
    {
        $openings = $sketch->openings();
        $opening = $openings[$request->query->getString('opening')]
            ?? $best->opening
            ?? $openings[$job->chosenOpening()?->node() ?? '']
            ?? reset($openings);
        \assert(false !== $opening);
        $rig = array_values(array_filter($rigs, static fn (Rig $rig) => $rig->id === $request->query->getString('tool')))[0]
            ?? $best->rig
            ?? $rigs[0];

        return [$opening, $rig];
    }

    /**
     * @param array<string, SegmentReach> $reached
     */
    private static function farthest(RunWay $way, Node $opening, array $reached): ?Farthest
    {
        $metres = $opening->mouth->drop->value ?? 0.0;
        $found = null;
        foreach ($way->spans as $span) {
            $reach = $reached[$span->pipe->id];
            $metres += $reach->metres;
            $found = new Farthest($metres, $reach->by?->value, $span->pipe->id);
            if (!$reach->whole) {
                break;
            }
        }

        return $found;
    }

    /**
     * Where the tool stops, each with whether it comes out again from there.
     *
     * @param array<string, SegmentReach> $reached
     *
     * @return list<ReachStop>
     */
    private static function stops(array $reached, Rig $rig): array
    {
        $stops = [];
        foreach ($reached as $pipe => $reach) {
            if (null === $reach->by || 'no_way' === $reach->by->value) {
                continue;
            }
            $path = $reach->leg?->path();
            $at = null === $path ? null : $path->metres() - $reach->leg->segment->length->metres + $reach->metres;
            $pull = null === $path || null === $at ? null : $rig->pullFrom($path, $at);
            $stops[] = new ReachStop(
                (string) $pipe, $reach->metres, $reach->by->value, $pull, null === $pull ? null : $pull <= $rig->pullLimit,
            );
        }

        return $stops;
    }

    /** @param array<string, SegmentReach> $reached */
    private static function expected(Sketch $sketch, RunWay $way, Node $opening, array $reached, string $name): ?Expectation
    {
        $record = ExpectedRun::on($sketch, $way);
        $reach = (self::farthest($way, $opening, $reached)->metres ?? 0.0) - ($opening->mouth->drop->value ?? 0.0);

        return null === $record ? null : new Expectation($name, $record, Length::metres(max(0.0, $reach)));
    }

    private static function travel(Node $opening): Travel
    {
        return MappedRuns::travelFrom($opening->mouth->faces ?? Faces::Downstream);
    }

    /**
     * @param list<KitTool> $tools
     *
     * @return array<string, RigName>
     */
    private static function rigNames(array $tools): array
    {
        $names = [];
        foreach ($tools as $tool) {
            foreach ($tool->details()->getHeads() as $i => $head) {
                $names[$tool->id.'-'.$i] = new RigName($tool->details()->name, $head->name);
            }
        }

        return $names;
    }

    protected function stage(): Stage
    {
        return Stage::WayIn;
    }
}
