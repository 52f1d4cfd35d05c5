<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\Sketch\Known;
use Jurvex\Core\Sketch\Mouth;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\PipeBend;
use Jurvex\Core\Sketch\Source;
use Symfony\Component\Validator\Constraints as Assert;

#[ORM\Embeddable]
class OpeningDetails
{
    #[ORM\Column(enumType: OpeningKind::class)]
    public OpeningKind $kind = OpeningKind::Cleanout;

    #[ORM\Column(length: 200)]
    #[Assert\NotBlank(message: 'error.where_missing', normalizer: 'trim'), Assert\Length(max: 200, maxMessage: 'error.too_long')]
    public string $place = '';

    #[ORM\Column(nullable: true)]
    #[Assert\Range(notInRangeMessage: 'error.bore_range', min: 20, max: 3000)]
    public ?float $sizeMm = null;

    /** From the opening down to the line. */
    #[ORM\Column]
    #[Assert\Range(notInRangeMessage: 'error.drop_range', min: 0, max: 100)]
    public float $dropM = 0.0;

    /** How size and drop are known. */
    #[ORM\Column(enumType: Source::class, options: ['default' => 'measured'])]
    public Source $source = Source::Measured;

    /** Bend at the bottom of the drop; none when it leads straight in. */
    #[ORM\Column(options: ['default' => 0])]
    #[Assert\Range(notInRangeMessage: 'error.bend_range', min: 0, max: 180)]
    public float $bendDeg = 0.0;

    #[ORM\Column(options: ['default' => false])]
    public bool $trap = false;

    #[ORM\Column(enumType: Faces::class)]
    public Faces $faces = Faces::Downstream;

    #[ORM\Column(enumType: OpeningState::class)]
    public OpeningState $state = OpeningState::Usable;

    /** A riser that leans or is displaced, so that tools catch. */
    #[ORM\Column(options: ['default' => false])]
    public bool $leaning = false;

    /** What stands beside it and breaks. */
    #[ORM\Column(length: 200, options: ['default' => ''])]
    #[Assert\Length(max: 200, maxMessage: 'error.too_long')]
    public string $fragile = '';

    #[ORM\Column(enumType: Leave::class, options: ['default' => 'not_needed'])]
    public Leave $leave = Leave::NotNeeded;

    #[ORM\Column(options: ['default' => false])]
    public bool $neighbour = false;

    #[ORM\Column(length: 120, options: ['default' => ''])]
    #[Assert\Length(max: 120, maxMessage: 'error.too_long')]
    public string $askedWhom = '';

    #[ORM\Column(type: 'date_immutable', nullable: true)]
    public ?\DateTimeImmutable $askedOn = null;

    #[ORM\Column(type: 'text')]
    #[Assert\Length(max: 4000, maxMessage: 'error.too_long')]
    public string $permission = '';

    /** What a tool meets here, for the line map; what nobody has measured is guessed. */
    public function mouth(): Mouth
    {
        $size = null === $this->sizeMm ? new Known($this->kind->usualSizeMm()) : new Known($this->sizeMm, $this->source);

        return new Mouth(
            $size, $this->faces, new Known($this->dropM, $this->source), $this->bendDeg,
            PipeBend::USUAL_RADIUS * $size->value, $this->trap, $this->state->isReady(), !$this->leave->isMissing(),
        );
    }

    public static function of(Node $node): self
    {
        $details = new self();
        $mouth = $node->mouth ?? throw new \LogicException('An opening has a mouth.');
        $details->kind = OpeningKind::tryFrom($node->what) ?? OpeningKind::Cleanout;
        $details->place = $node->name;
        $details->sizeMm = $mouth->size->source->isKnown() ? $mouth->size->value : null;
        $details->dropM = $mouth->drop->value;
        $details->source = $mouth->drop->source;
        $details->bendDeg = $mouth->bendDegrees;
        $details->trap = $mouth->trap;
        $details->faces = $mouth->faces;

        return $details;
    }

    /** What its state asks for; a riser that leans is watched at least. */
    public function need(): Need
    {
        return $this->leaning ? $this->state->need()->worse(Need::Watch) : $this->state->need();
    }
}
