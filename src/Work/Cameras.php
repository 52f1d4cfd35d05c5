<?php

declare(strict_types=1);

namespace App\Work;

use App\Firm\Kit;
use App\Record\Run;
use Jurvex\Core\Camera\CameraHead;

/** The camera that a run is made with. */
final readonly class Cameras
{
    public function __construct(private Kit $kit)
    {
    }

    /** The head of the kit that the run says; the house's values where it says none, the stand-in's in practice. */
    public function on(Run $run): CameraHead
    {
        if (null !== $run->job->practice()) {
            return CameraHead::simulated();
        }
        $fitted = $this->kit->fitted($run->job->firm, $run->details()->rig);

        return CameraHead::of(
            $fitted?->head->diameterMm, $fitted?->head->skidMm, $fitted?->head->windowMm, $fitted?->tool->details()->tiltStepDeg,
        );
    }
}
