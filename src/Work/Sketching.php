<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Job;
use App\Record\Opening;
use App\Record\OpeningDetails;
use App\Record\OpeningKind;
use App\Support\Database\Id;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\Measure\DistanceReader;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Measure\UnreadableMeasure;
use Jurvex\Core\Sketch\FixtureKind;
use Jurvex\Core\Sketch\HouseTables;
use Jurvex\Core\Sketch\Known;
use Jurvex\Core\Sketch\Mouth;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\PipeBend;
use Jurvex\Core\Sketch\Sketch;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Adds parts to a line map with what is likely of them, and keeps a job's openings and the map's together. */
final readonly class Sketching
{
    private const GUESSED_M = 2.0;
    private const FIRST_M = 8.0;
    private const DROP_M = 0.5;

    public function __construct(private EntityManagerInterface $manager, private TranslatorInterface $translator)
    {
    }

    /**
     * @param string $sort fixture, opening or trap
     * @param string $at the node or pipe where it goes
     * @param string $up metres from the pipe's lower end, as they were typed; halfway where nothing was
     *
     * @throws BadInput
     */
    public function added(
        Sketch $sketch, Job $job, string $id, string $sort, string $what, string $at, string $up, UnitSystem $units,
    ): Sketch {
        if ($sketch->has($id)) {
            return $sketch;
        }
        $at = $sketch->has($at) ? $at : $sketch->outlet->id;
        if ('fixture' === $sort) {
            return $this->withFixture($sketch, $job, $id, FixtureKind::tryFrom($what) ?? FixtureKind::Unknown, $at, $up, $units);
        }
        $node = 'trap' === $sort ? Node::trap($id) : self::likelyOpening($id, OpeningKind::tryFrom($what) ?? OpeningKind::Cleanout);
        $pipe = $sketch->pipes[$at] ?? $sketch->below($at) ?? ($sketch->above($at)[0] ?? null);
        if (null === $pipe) {
            return $sketch->redraw()->withEnd(
                $node,
                $this->pipe($job, $id, HouseTables::material($job->call()->yearBuilt, true), 4.0, self::FIRST_M),
                $at,
            );
        }

        return $sketch->redraw()->split($pipe->id, self::metresUp($up, $units, $pipe), $node);
    }

    /** The part that is open for altering when nobody has chosen one: the longest pipe, where most is added. */
    public function usualPlace(Sketch $sketch): string
    {
        $longest = $sketch->outlet->id;
        $most = -1.0;
        foreach ($sketch->pipes as $pipe) {
            if ($pipe->length->value > $most) {
                [$longest, $most] = [$pipe->id, $pipe->length->value];
            }
        }

        return $longest;
    }

    /** Every opening of the map is one of the job's too, so that runs and passes can be from it. */
    public function takeOpenings(Job $job, Sketch $sketch): void
    {
        $have = array_map(static fn (Opening $opening) => $opening->node(), $job->openings());
        foreach ($sketch->openings() as $node) {
            if (\in_array($node->id, $have, true)) {
                continue;
            }
            $details = OpeningDetails::of($node);
            $details->place = '' === $details->place ? $this->fallbackPlace($details->kind) : $details->place;
            $opening = new Opening(Id::fresh(), $job, $details);
            $opening->placeAt($node->id);
            $this->manager->persist($opening);
            $this->manager->flush();
            if (null === $job->chosenOpening()) {
                $job->chooseOpening($opening, $job->zero(), $job->zeroNote());
            }
        }
        $this->manager->flush();
    }

    private function withFixture(Sketch $sketch, Job $job, string $id, FixtureKind $kind, string $at, string $up, UnitSystem $units): Sketch
    {
        $isFirst = $sketch->isBlank();
        $pipe = $sketch->pipes[$at] ?? null;
        $own = $this->pipe(
            $job, $id,
            HouseTables::material($job->call()->yearBuilt, $isFirst || null === $pipe || !$pipe->isUpright()),
            $isFirst ? 4.0 : $kind->usualTradeSize(), $isFirst ? self::FIRST_M : self::GUESSED_M,
        );

        return $sketch->redraw()->withFixture(
            Node::fixture($id, $kind, ''), $own, $at, null === $pipe ? 0.0 : self::metresUp($up, $units, $pipe),
            $id.'-join',
        );
    }

    private function pipe(Job $job, string $id, Material $material, float $tradeSize, float $metres): Pipe
    {
        return new Pipe(
            $id.'-pipe', $id, '', new Known($metres),
            new Known(HouseTables::bore($material, $tradeSize)->inMillimetres()), $material,
        );
    }

    private static function likelyOpening(string $id, OpeningKind $kind): Node
    {
        $size = $kind->usualSizeMm();
        $isChamber = OpeningKind::Chamber === $kind;
        $drop = OpeningKind::RoofVent === $kind ? 5.0 : self::DROP_M;

        return Node::opening(
            $id,
            $kind->value,
            '',
            new Mouth(
                new Known($size), $isChamber ? Faces::Both : Faces::Downstream, new Known($drop), $isChamber ? 0.0 : 45.0,
                PipeBend::USUAL_RADIUS * $size, $kind->usuallyHasTrap(),
            ),
        );
    }

    /** @throws BadInput unclear when it cannot be read, out_of_range when it is more than the pipe's length */
    private static function metresUp(string $typed, UnitSystem $units, Pipe $pipe): float
    {
        if ('' === trim($typed)) {
            return $pipe->length->value / 2;
        }
        try {
            return DistanceReader::read($typed, $units)->metres;
        } catch (UnreadableMeasure) {
            throw new BadInput('unclear', 'up', ['name' => $typed]);
        }
    }

    /** A job's opening has a place in words; until somebody writes a better one, its kind. */
    private function fallbackPlace(OpeningKind $kind): string
    {
        return $this->translator->trans('opening.'.$kind->value);
    }
}
