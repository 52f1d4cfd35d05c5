<?php

declare(strict_types=1);

namespace App\Work;

use App\Firm\Kit;
use App\Firm\ToolKind;
use App\Record\Pass;
use App\Record\Tool;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Measure\Length;

/** Why cutting left something on the wall, as far as widths say it. */
final readonly class CutterBounds
{
    public function __construct(private Kit $kit, private RingsLeft $rings)
    {
    }

    /**
     * @param non-empty-list<Pass> $passes made between the looks
     *
     * @return ?CutterBound none where nothing is left within the passes, or a width is not known
     */
    public function of(LookPair $pair, array $passes): ?CutterBound
    {
        $widest = null;
        foreach ($passes as $pass) {
            if (Tool::Cable === $pass->details()->tool && self::leftSomething($pair, $pass)) {
                $ring = $this->rings->ofPass($pass, $pair->after->record);
                if (null === $ring) {
                    return null;
                }
                $widest = null === $widest || $ring->cutter->metres > $widest[0]->cutter->metres ? [$ring, $pass] : $widest;
            }
        }

        return null === $widest ? null : new CutterBound($widest[0], $this->opening($widest[1], $widest[0]));
    }

    private static function leftSomething(LookPair $pair, Pass $pass): bool
    {
        foreach ($pair->comparison->fates as $each) {
            $finding = null === $each->before ? null : $pair->after($each);
            if (null !== $finding && \in_array($finding->kind->family(), [Family::Roots, Family::Deposit], true)
                && null !== $pass->opening && $pass->opening->onEveryVisit() === $pair->after->run->opening->onEveryVisit()
                && $finding->from->metres >= $pass->details()->outM && $finding->from->metres <= ($pass->details()->inM ?? 0.0)
            ) {
                return true;
            }
        }

        return false;
    }

    private function opening(Pass $pass, RingLeft $ring): ?Length
    {
        $size = $pass->opening?->details()->sizeMm;
        if (null === $size || $size >= $ring->bore->inMillimetres()) {
            return null;
        }
        foreach ($this->kit->all($pass->job->firm) as $tool) {
            foreach (ToolKind::Cable === $tool->details()->kind ? $tool->details()->getHeads() : [] as $head) {
                $isWider = ($head->diameterMm ?? 0.0) > $ring->cutter->inMillimetres();
                if ($isWider && ($head->diameterMm ?? 0.0) + ($tool->details()->clearanceMm ?? 0.0) <= $size) {
                    return null;
                }
            }
        }

        return Length::millimetres($size);
    }
}
