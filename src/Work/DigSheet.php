<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Mark;
use Jurvex\Core\Mend\PricedWork;
use Jurvex\Core\Mend\Trench;
use Jurvex\Core\Site\DugBox;
use Jurvex\Core\Site\TapedTo;

/** What a crew needs to know to dig in one place. */
final readonly class DigSheet
{
    /**
     * @param string $label the dig's number among the job's
     * @param list<LineRepair> $repairs that it is for
     * @param ?float $depth of the pipe in the middle, in metres; none where nobody located it
     * @param float $depthError either way, in metres
     * @param list<TapedTo> $startTies from what the nearer end is found, worked out from the plan; nothing where it has no place
     * @param list<TapedTo> $endTies the farther end
     * @param ?DugBox $box on the plan of the site
     * @param list<Mark> $marks in it and the nearest beside it
     * @param list<CrossingAt> $crosses what ties in where it is dug
     */
    public function __construct(
        public string $label, public MendPlan $plan, public PricedWork $work, public Trench $trench, public array $repairs,
        public ?float $depth, public float $depthError, public array $startTies, public array $endTies, public ?DugBox $box,
        public array $marks, public array $crosses,
    ) {
    }

    public function isOnOthersGround(): bool
    {
        return [] !== array_filter($this->repairs, static fn (LineRepair $each) => true === $each->said?->details()->neighbour);
    }

    /** @return list<Mark> that nobody may dig by */
    public function poorMarks(): array
    {
        return array_values(array_filter($this->marks, static fn (Mark $mark) => !$mark->isGoodEnoughToDig()));
    }
}
