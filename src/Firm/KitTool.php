<?php

declare(strict_types=1);

namespace App\Firm;

use App\Support\Database\Withdrawable;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Clear\Piece;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Head;
use Jurvex\Core\Reach\JetHose;
use Jurvex\Core\Reach\PushedTool;
use Jurvex\Core\Reach\Rig;
use Jurvex\Core\Reach\Tool;
use Jurvex\Core\Reach\Winch;

/** A tool of a firm's kit. */
#[ORM\Entity]
class KitTool
{
    use Withdrawable;

    #[ORM\Embedded(columnPrefix: false)]
    private ToolDetails $details;

    #[ORM\Column(enumType: Wear::class, nullable: true)]
    private ?Wear $wear = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $wornAt = null;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Firm $firm,
        ToolDetails $details,
    ) {
        $this->details = $details;
    }

    public function details(): ToolDetails
    {
        return $this->details;
    }

    public function describe(ToolDetails $details): void
    {
        $this->details = clone $details;
    }

    /** Out of use until it is repaired. */
    public function wearOut(Wear $wear, \DateTimeImmutable $at): void
    {
        $this->wear = $wear;
        $this->wornAt = $at;
    }

    public function repair(): void
    {
        $this->wear = $this->wornAt = null;
    }

    public function wear(): ?Wear
    {
        return $this->wear;
    }

    public function wornAt(): ?\DateTimeImmutable
    {
        return $this->wornAt;
    }

    public function friction(bool $wet): float
    {
        return ($wet ? $this->details->frictionWet : $this->details->frictionDry) ?? 0.0;
    }

    /** What drives it; none of what only looks. */
    public function machine(): ?Machine
    {
        return match ($this->details->kind) {
            ToolKind::Cable => Machine::Cable,
            ToolKind::JetHose => Machine::Jet,
            default => null,
        };
    }

    /** @return list<Piece> what clears, with each head whose class is known; the identifier ends in the head's place */
    public function pieces(): array
    {
        $machine = $this->machine();
        $pieces = [];
        foreach ($this->details->getHeads() as $i => $head) {
            if (null !== $machine && null !== $head->class) {
                $pieces[] = new Piece(
                    $this->id.'-'.$i, $machine, $head->class, Length::millimetres($head->diameterMm ?? 0.0),
                    Length::millimetres($this->details->diameterMm ?? 0.0),
                    Length::metres($this->details->lengthM ?? 0.0),
                    Length::millimetres($this->details->clearanceMm ?? 0.0),
                );
            }
        }

        return $pieces;
    }

    /** @return list<Rig> one for each of its heads, in their order */
    public function rigs(bool $wet): array
    {
        $d = $this->details;
        $rigs = [];
        foreach ($d->getHeads() as $i => $head) {
            $isJet = ToolKind::JetHose === $d->kind;
            $rigs[] = new Rig(
                $this->id.'-'.$i, $this->fitted($head, $this->friction($wet)), ToolKind::Steered === $d->kind,
                $d->passesTraps, new Winch($d->weightNPerM ?? 0.0, $this->friction($wet)),
                $isJet ? 0.0 : $head->forceN ?? 0.0, $d->pullLimitN ?? 0.0,
            );
        }

        return $rigs;
    }

    /** The tool with a head on, at some friction. */
    public function fitted(ToolHead $on, float $friction): Tool
    {
        $d = $this->details;
        $head = new Head(
            Length::millimetres($on->diameterMm ?? 0.0),
            Length::millimetres($on->rigidLengthMm ?? 0.0),
            Length::millimetres($d->clearanceMm ?? 0.0),
        );
        $length = Length::metres($d->lengthM ?? 0.0);

        return ToolKind::JetHose === $d->kind
            ? new JetHose($on->forceN ?? 0.0, $d->pushLimitN ?? 0.0, $d->weightNPerM ?? 0.0, $friction, $length, $head)
            : new PushedTool(
                $head, Length::millimetres($d->diameterMm ?? 0.0), $d->stiffnessNm2 ?? 0.0, $d->weightNPerM ?? 0.0,
                $friction, $d->pushLimitN ?? 0.0, $on->forceN ?? 0.0, $length,
            );
    }
}
