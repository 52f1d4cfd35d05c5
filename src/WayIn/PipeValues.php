<?php

declare(strict_types=1);

namespace App\WayIn;

use Jurvex\Core\Finding\Material;
use Jurvex\Core\Measure\Grade;
use Jurvex\Core\Sketch\HouseTables;
use Jurvex\Core\Sketch\Joins;
use Jurvex\Core\Sketch\Known;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\PipeBend;
use Jurvex\Core\Sketch\Source;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** A pipe's values as they stand in its form. What is altered and still said to be guessed is taken as told. */
final class PipeValues
{
    private const SAME = 1e-6;

    #[Assert\NotNull(message: 'error.distance_missing'), Assert\Range(notInRangeMessage: 'error.pipe_length_range', min: 0, max: 10000)]
    public ?float $lengthM = null;
    public Source $lengthSource = Source::Guessed;

    #[Assert\NotNull(message: 'error.distance_missing'), Assert\Range(notInRangeMessage: 'error.bore_range', min: 20, max: 3000)]
    public ?float $boreMm = null;
    public Source $boreSource = Source::Guessed;

    /** Trade size in inches: its true bore by the house table takes the place of the bore that was typed. */
    public ?string $tradeSize = null;

    public Material $material = Material::Unknown;
    public Source $materialSource = Source::Guessed;

    #[Assert\Range(notInRangeMessage: 'error.fall_range', min: -50, max: 500)]
    public ?float $fallPercent = null;
    public Source $fallSource = Source::Guessed;
    public bool $upright = false;

    public Joins $joins = Joins::Straight;
    public Source $tied = Source::Guessed;

    #[Assert\Length(max: 400, maxMessage: 'error.too_long')]
    public string $proof = '';

    #[Assert\NotBlank(message: 'error.choose')]
    #[Assert\NotNull(message: 'error.choose')]
    public ?string $runsInto = '';

    #[Assert\Range(notInRangeMessage: 'error.stoppages_range', min: 0, max: 99)]
    public int $pastStoppages = 0;

    #[Assert\Length(max: 200, maxMessage: 'error.too_long')]
    public string $shared = '';

    /** @var list<BendValues> */
    #[Assert\Valid]
    public array $bends = [];

    /** Only a named fixture that was run, or two cameras that met, prove where a pipe joins. */
    #[Assert\Callback]
    public function proofIsNamed(ExecutionContextInterface $context): void
    {
        if (Source::Proved === $this->tied && '' === trim($this->proof)) {
            $context->buildViolation('error.proof_missing')->atPath('proof')->addViolation();
        }
    }

    public static function of(Pipe $pipe): self
    {
        $values = new self();
        [$values->lengthM, $values->lengthSource] = [$pipe->length->value, $pipe->length->source];
        [$values->boreMm, $values->boreSource] = [$pipe->bore->value, $pipe->bore->source];
        [$values->material, $values->materialSource] = [$pipe->material, $pipe->materialSource];
        [$values->fallPercent, $values->fallSource, $values->upright] = [
            null === $pipe->fallPercent() ? null : round($pipe->fallPercent(), 2),
            $pipe->down->source,
            $pipe->isUpright(),
        ];
        [$values->joins, $values->tied, $values->proof, $values->runsInto] = [$pipe->joins, $pipe->tied, $pipe->proof, $pipe->to];
        [$values->pastStoppages, $values->shared] = [$pipe->pastStoppages, $pipe->shared];
        $values->bends = array_map(BendValues::of(...), $pipe->bends);

        return $values;
    }

    /** @throws \Jurvex\Core\Input\BadInput for a bend beyond its end */
    public function on(Pipe $pipe): Pipe
    {
        $bore = null === $this->tradeSize
            ? $this->boreMm ?? $pipe->bore->value
            : HouseTables::bore($this->material, (float) $this->tradeSize)->inMillimetres();
        $down = $this->upright ? Pipe::UPRIGHT : Grade::percent($this->fallPercent ?? 0.0)->inDegrees();
        $shown = null === $pipe->fallPercent() ? null : round($pipe->fallPercent(), 2);
        // The form shows the fall rounded; what was not touched stays as exact as it is.
        $sameFall = $this->upright === $pipe->isUpright()
            && ($this->upright || null !== $shown && abs($shown - ($this->fallPercent ?? 0.0)) < self::SAME);

        return $pipe->with(
            length: self::known($this->lengthM ?? $pipe->length->value, $this->lengthSource, $pipe->length),
            bore: self::known($bore, $this->boreSource, $pipe->bore),
            material: $this->material,
            materialSource: $this->material !== $pipe->material
                && $this->materialSource === $pipe->materialSource
                && Source::Guessed === $this->materialSource
                ? Source::Told
                : $this->materialSource,
            down: $sameFall ? new Known($pipe->down->value, $this->fallSource) : self::known($down, $this->fallSource, $pipe->down),
            joins: $this->joins,
            tied: $this->tied,
            proof: trim($this->proof),
            to: $this->runsInto ?? '',
            pastStoppages: $this->pastStoppages,
            shared: trim($this->shared),
            bends: array_map(
                static fn (BendValues $bend) => new PipeBend(
                    $bend->atM ?? 0.0,
                    $bend->degrees ?? 0.0,
                    $bend->radiusMm ?? PipeBend::USUAL_RADIUS * $bore,
                    $bend->source,
                ),
                array_values(array_filter($this->bends, static fn (BendValues $bend) => null !== $bend->degrees)),
            ),
        );
    }

    private static function known(float $value, Source $source, Known $before): Known
    {
        $isAltered = abs($value - $before->value) > self::SAME;

        return new Known($value, $isAltered && Source::Guessed === $source ? Source::Told : $source);
    }
}
