<?php

declare(strict_types=1);

namespace App\Mark;

use App\Record\HeightMeasured;
use App\Record\Mark;
use App\Screen\MarkedGroundText;
use App\Work\MarkedGround;
use Jurvex\Core\Site\FixedThing;
use Jurvex\Core\Site\SiteDrawing;

/** What the benches of the Mark stage show. */
final readonly class MarkPage
{
    /** @var list<FixedThing> what a tape can be held to */
    public array $things;

    /** @var list<HeightMeasured> */
    public array $heights;

    /** @var list<string> what points of the ground are called that are no marks */
    public array $points;

    /** @var list<string> marks that have a picture */
    public array $pictured;

    /** Whether a locator that is not there can be read. */
    public bool $hasLocator;

    /** Whether anybody said where the plan lies on the earth. */
    public bool $isOnEarth;

    /**
     * @param ?SiteDrawing $drawing none while nothing that stays is drawn
     * @param list<string> $pictured marks that have a picture
     */
    public function __construct(
        MarkedGround $ground, public MarkedGroundText $text, public ?SiteDrawing $drawing, public ?GroundProfile $profile = null,
        public ?Mark $editing = null,
        bool $mayLocate = false, array $pictured = [],
    ) {
        $this->pictured = $pictured;
        $this->hasLocator = $mayLocate;
        $this->things = $ground->plan->things;
        $this->heights = $ground->heights;
        $this->points = $ground->points();
        $this->isOnEarth = null !== $ground->plan->earth;
    }
}
