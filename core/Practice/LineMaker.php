<?php

declare(strict_types=1);

namespace Jurvex\Core\Practice;

use Jurvex\Core\Finding\Extent;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Makes up lines; the same seed makes the same line. */
final class LineMaker
{
    /** How near two findings come. */
    private const APART_M = 0.9;
    /** Kinds that are put into a line, with the smallest and the largest size. */
    private const KINDS = [
        ['root_threads', 5, 15], ['root_cords', 20, 40], ['root_clump', 45, 80], ['offset_joint', 5, 25], [
            'separated_joint',
            8,
            30,
        ], ['crack', 0, 0], ['hole', 8, 20], ['worn_invert', 10, 30],
        ['grease', 10, 35], ['scale', 8, 25], ['sediment', 8, 20], ['tie_in', 50, 100], ['rag', 20, 45],
        ['stone', 10, 30], ['old_patch', 0, 0],
    ];
    private const MATERIALS = [Material::Clay, Material::CastIron, Material::PvcGasketed, Material::Concrete];

    private Randomizer $chance;

    /** @var list<float> */
    private array $taken = [];

    private function __construct(private readonly int $seed, private readonly float $length)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    public static function fromSeed(int $seed, Difficulty $difficulty): Line
    {
        $chance = new Randomizer(new Mt19937($seed + 7919));
        [$least, $most] = $difficulty->metres();

        return self::made(
            $seed, Length::metres($chance->getInt($least * 10, $most * 10) / 10), $difficulty->findings(),
            $difficulty->lowSpots(), $difficulty->bends(), $difficulty->transitions(),
        );
    }

    /** A line of a length with so many findings, and low spots, bends and changes of material beside them. */
    public static function made(int $seed, Length $length, int $findings, int $lowSpots, int $bends, int $transitions): Line
    {
        return (new self($seed, $length->metres))->make($findings, $lowSpots, $bends, $transitions);
    }

    private function make(int $count, int $lowSpots, int $bends, int $transitions): Line
    {
        $bore = [100.0, 100.0, 150.0][$this->chance->getInt(0, 2)];
        $findings = [];
        for ($i = 0; $i < $lowSpots; ++$i) {
            $long = $this->chance->getInt(12, 30) / 10;
            $from = $this->place($long + 0.5);
            $findings[] = $this->finding(Kind::LowSpot, $from, [
                'to_m' => round($from + $long, 1),
                'deepest_m' => round($from + $long * $this->chance->getInt(35, 65) / 100, 1),
                'size' => $this->chance->getInt(12, (int) (0.6 * $bore)),
                'facts' => ['water' => 'off'],
            ]);
        }
        for ($i = 0; $i < $bends; ++$i) {
            $findings[] = $this->finding(Kind::Bend, $this->place(0.3), ['size' => [22, 30, 45][$this->chance->getInt(0, 2)]]);
        }
        $material = $this->chance->getInt(0, \count(self::MATERIALS) - 1);
        for ($i = 1; $i <= $transitions; ++$i) {
            $findings[] = $this->finding(Kind::Transition, $this->place(0.2), [
                'size' => $bore,
                'facts' => ['material_after' => self::MATERIALS[($material + $i) % \count(self::MATERIALS)]->value],
            ]);
        }
        for ($i = 0; $i < $count; ++$i) {
            $findings[] = $this->oneOf(self::KINDS[$this->chance->getInt(0, \count(self::KINDS) - 1)]);
        }
        $findings[] = $this->finding(Kind::Tap, $this->length, []);
        $record = new RunRecord(
            $findings, self::MATERIALS[$material], Length::millimetres($bore), Travel::Downstream,
            Length::metres($this->length), Length::metres($this->length), EndReason::MainReached,
        );

        return new Line($record, Length::metres($this->length), $this->chance->getInt(8, 30) / 1000);
    }

    /** @param array{string, int, int} $of */
    private function oneOf(array $of): Finding
    {
        [$code, $least, $most] = $of;
        $kind = Kind::from($code);
        $more = $most > 0 ? ['size' => $this->chance->getInt($least, $most)] : [];
        $long = Extent::Either === $kind->extent()
            && !\in_array($kind, [Kind::RootThreads, Kind::RootCords, Kind::RootClump, Kind::Hole], true)
            ? $this->chance->getInt(5, 20) / 10
            : 0.0;
        $at = $this->place($long);
        if ($long > 0) {
            $more['to_m'] = round($at + $long, 1);
        }
        $more['clock_from'] = match (true) {
            \in_array($kind, [Kind::WornInvert, Kind::Sediment, Kind::Stone, Kind::Rag], true) => 6,
            Kind::OffsetJoint === $kind => [3, 6, 9, 12][$this->chance->getInt(0, 3)],
            default => $this->chance->getInt(1, 12),
        };
        foreach ($kind->facts() as $fact) {
            if ([] !== $fact->choices()) {
                $more['facts'][$fact->value] = $fact->choices()[0];
            }
        }

        return $this->finding($kind, $at, $more);
    }

    /** Somewhere where nothing is yet; the last metre is kept free. */
    private function place(float $long): float
    {
        $at = 1.0;
        for ($try = 0; $try < 200; ++$try) {
            $at = $this->chance->getInt(10, max(11, (int) (10 * ($this->length - $long - 1)))) / 10;
            $clear = array_filter(
                $this->taken,
                static fn (float $taken) => $taken > $at - self::APART_M && $taken < $at + $long + self::APART_M,
            );
            if ([] === $clear) {
                break;
            }
        }
        for ($taken = $at; $taken <= $at + $long + 1e-9; $taken += 0.25) {
            $this->taken[] = $taken;
        }

        return $at;
    }

    /** @param array<string, mixed> $more */
    private function finding(Kind $kind, float $at, array $more): Finding
    {
        return Finding::read(
            new Input(['id' => $this->seed.'-'.\count($this->taken).'-'.$kind->value, 'kind' => $kind->value, 'from_m' => $at, ...$more]),
        );
    }
}
