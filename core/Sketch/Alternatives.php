<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\LineMap\Access;
use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Head;
use Jurvex\Core\Reach\Path;
use Jurvex\Core\Reach\Straight;

/** What would get to a place where no tool does from any opening. */
final readonly class Alternatives
{
    /** Drop of a roof vent that nobody has measured: two floors. */
    private const VENT_DROP_M = 5.0;
    private const LEAST_HEAD_MM = 15.0;

    private NewOpenings $newOpenings;

    public function __construct(private ReachFinder $finder)
    {
        $this->newOpenings = new NewOpenings($finder);
    }

    /**
     * What would work where nothing does, each found by trying it.
     *
     * @return list<WhatElse>
     */
    public function to(string $target): array
    {
        return [
            ...$this->smallerHead($target),
            ...$this->otherAbility($target),
            ...$this->otherWayIn($target),
            ...$this->newOpenings->to($target),
        ];
    }

    /** @return list<WhatElse> the widest head of each tool that is too big, from the opening where it is least so */
    private function smallerHead(string $target): array
    {
        $found = [];
        foreach ($this->finder->rigs as $rig) {
            $head = $rig->tool->head();
            if (null === $head) {
                continue;
            }
            foreach ($this->finder->sketch->openings() as $opening) {
                $bare = $rig->tool->withHead(new Head(Length::metres(0), Length::metres(0), $head->clearance));
                $there = $this->finder->to($target, $this->finder->access($opening), $bare, $rig->steers, $rig->passesTraps);
                if (!$there->whole || null === $there->leg || $this->finder->rigTo($target, $opening, $rig)->whole) {
                    continue;
                }
                $size = self::widestHead($there->leg->path(), $opening, $head);
                if (null !== $size && $size->width->inMillimetres() > (($found[0] ?? null)?->width?->inMillimetres() ?? 0.0)) {
                    $found = [new WhatElse(Alternative::SmallerHead, $opening, $rig, $size->width, $size->stiffLength)];
                }
            }
        }

        return $found;
    }

    private static function widestHead(Path $path, Node $opening, Head $head): ?Head
    {
        $bore = $opening->mouth->size->value ?? \INF;
        foreach ($path->pieces as $piece) {
            $bore = min($bore, $piece->bore->inMillimetres());
        }
        for ($width = min(
            $head->width->inMillimetres(),
            floor($bore - $head->clearance->inMillimetres()),
        ); $width >= self::LEAST_HEAD_MM; --$width) {
            $longest = $head->stiffLength->metres;
            foreach ($path->pieces as $piece) {
                $longest = $piece instanceof Straight
                    ? $longest
                    : min($longest, $piece->longestStiffHead(Length::millimetres($width))->metres);
            }
            // A head that is not even as long as it is wide is none.
            if ($longest * 1000 >= $width) {
                return new Head(Length::millimetres($width), Length::millimetres(floor($longest * 1000)), $head->clearance);
            }
        }

        return null;
    }

    /** @return list<WhatElse> */
    private function otherAbility(string $target): array
    {
        $found = [];
        foreach ($this->finder->rigs as $rig) {
            foreach ($this->finder->sketch->openings() as $opening) {
                if ($this->finder->rigTo($target, $opening, $rig)->whole) {
                    continue;
                }
                $access = $this->finder->access($opening);
                if (!isset($found['leader'])
                    && !$rig->passesTraps
                    && $this->finder->to($target, $access, $rig->tool, $rig->steers, true)->whole
                ) {
                    $found['leader'] = new WhatElse(Alternative::Leader, $opening, $rig);
                } elseif (!isset($found['steered'])
                    && !$rig->steers
                    && $this->finder->to($target, $access, $rig->tool, true, $rig->passesTraps)->whole
                ) {
                    $found['steered'] = new WhatElse(Alternative::Steered, $opening, $rig);
                }
            }
        }

        return array_values($found);
    }

    /** @return list<WhatElse> a toilet pulled, or the vent over a stack with its drop */
    private function otherWayIn(string $target): array
    {
        $found = [];
        foreach ($this->finder->sketch->nodes as $node) {
            $pipe = $this->finder->sketch->below($node->id);
            if (null === $pipe || NodeKind::Opening === $node->kind) {
                continue;
            }
            $bore = Length::millimetres($pipe->bore->value);
            if (FixtureKind::Toilet->value === $node->what
                && null !== $rig = $this->finder->rigThatReaches(
                    new Access($node->id, $bore, Faces::Downstream, Length::metres(0), 90.0, $bore),
                    $target,
                )
            ) {
                $found['pulled_toilet'] ??= new WhatElse(Alternative::PulledToilet, $node, $rig);
            }
            $isTop = $pipe->isUpright()
                && [] === array_filter($this->finder->sketch->above($node->id), static fn (Pipe $above) => $above->isUpright());
            if ($isTop
                && null !== $rig = $this->finder->rigThatReaches(
                    new Access($node->id, $bore, Faces::Downstream, Length::metres(self::VENT_DROP_M), 0.0, $bore),
                    $target,
                )
            ) {
                $found['roof_vent'] ??= new WhatElse(Alternative::RoofVent, $node, $rig, metres: self::VENT_DROP_M);
            }
        }

        return array_values($found);
    }
}
