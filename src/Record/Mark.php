<?php

declare(strict_types=1);

namespace App\Record;

use App\Support\Database\Withdrawable;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Mark\DepthDoubt;
use Jurvex\Core\Mark\DepthReadings;
use Jurvex\Core\Mark\LiftCheck;
use Jurvex\Core\Mark\MarkedDepth;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Ribbon\MarkedPlace;

/** A place on the ground above the line. */
#[ORM\Entity]
class Mark implements JobEntry
{
    use Withdrawable;

    /** In the order in which they are told. */
    private const TOLD = [DepthDoubt::TooFew, DepthDoubt::Spread, DepthDoubt::Water, DepthDoubt::Metal, DepthDoubt::Lift];

    #[ORM\Embedded(columnPrefix: false)]
    private MarkDetails $details;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Run $run,
        #[ORM\Column]
        public readonly \DateTimeImmutable $loggedAt,
        MarkDetails $details,
    ) {
        $this->details = $details;
    }

    public function describe(MarkDetails $details): void
    {
        $this->details = clone $details;
    }

    public function details(): MarkDetails
    {
        return $this->details;
    }

    public function depth(): DepthReadings
    {
        return new DepthReadings(...array_map(Length::metres(...), $this->details->depthsM));
    }

    /** Whether somebody may dig by it: there are readings enough, they agree, and nothing stood in the way. */
    public function isGoodEnoughToDig(): bool
    {
        return [] === $this->spoiledBy();
    }

    /** @return list<DepthDoubt> what the readings themselves show before what stood in their way */
    public function spoiledBy(): array
    {
        $depth = $this->depth();
        $lift = null === $this->details->liftM || null === $this->details->liftReadingM
            ? null : new LiftCheck(Length::metres($this->details->liftM), Length::metres($this->details->liftReadingM));

        $doubts = $depth->doubts(
            $depth->limit(), DepthReadings::LEAST_COUNT, $lift, OverHead::Water === $this->details->overHead,
            OverHead::Metal === $this->details->overHead,
        );

        return array_values(array_filter(self::TOLD, static fn (DepthDoubt $doubt) => \in_array($doubt, $doubts, true)));
    }

    /**
     * @param ?float $ground height of the ground in metres; none where nothing links it to the other mark
     * @param float $error of that height, in metres
     */
    public function marked(?float $ground, float $error): MarkedDepth
    {
        $depth = $this->depth();

        return new MarkedDepth(
            Length::metres($this->details->atM ?? 0.0), $depth->median(), $depth->spread(), $ground, Length::metres($error),
        );
    }

    public function onTheLine(): MarkedPlace
    {
        return new MarkedPlace(Length::metres($this->details->atM ?? 0.0), $this->depth()->median(), $this->isGoodEnoughToDig());
    }

    public function id(): string
    {
        return $this->id;
    }

    public function job(): Job
    {
        return $this->run->job;
    }
}
