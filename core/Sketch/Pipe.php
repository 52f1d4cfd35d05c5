<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Finding\Material;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\LineMap\Branch;
use Jurvex\Core\LineMap\Segment;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\Bend;

/** A pipe of the line map, from a node to the next one downstream, with how each of its values is known. */
final readonly class Pipe
{
    public const UPRIGHT = 90.0;
    private const LONGEST_M = 10000.0;

    /** @var list<PipeBend> in order from the upper end */
    public array $bends;

    /**
     * @param Known $length in metres
     * @param Known $bore in mm
     * @param Known $down downward slope in degrees; 90 is a stack
     * @param list<PipeBend> $bends
     * @param Source $tied how it is known that it enters where it does
     * @param string $proof what proved it, in the words of whoever did
     * @param string $shared who else drains into it
     *
     * @throws BadInput out_of_range for a bend beyond its end
     */
    public function __construct(
        public string $id,
        public string $from,
        public string $to,
        public Known $length,
        public Known $bore,
        public Material $material = Material::Unknown,
        public Source $materialSource = Source::Guessed,
        public Known $down = new Known(1.1457628381751),
        array $bends = [],
        public Joins $joins = Joins::Straight,
        public Source $tied = Source::Guessed,
        public string $proof = '',
        public int $pastStoppages = 0,
        public string $shared = '',
    ) {
        usort($bends, static fn (PipeBend $a, PipeBend $b) => $a->at <=> $b->at);
        foreach ($bends as $i => $bend) {
            if ($bend->at > $length->value) {
                throw BadInput::outOfRange('bends.'.$i.'.at_m', 0, $length->value);
            }
        }
        $this->bends = $bends;
    }

    /** @throws BadInput */
    public static function read(Input $input): self
    {
        $material = $input->object('material');
        $length = Known::read($input, 'length_m', 0, self::LONGEST_M);
        $bends = array_map(PipeBend::read(...), $input->objects('bends'));
        foreach ($bends as $i => $bend) {
            if ($bend->at > $length->value) {
                throw BadInput::outOfRange($input->at('bends.'.$i.'.at_m'), 0, $length->value);
            }
        }

        return new self(
            $input->text('id', 80),
            $input->text('from', 80),
            $input->text('to', 80),
            $length,
            Known::read($input, 'bore_mm', 20, 3000),
            $material->choice('value', Material::class),
            $material->choice('source', Source::class),
            Known::read($input, 'down_deg', -90, 90),
            $bends,
            $input->choice('joins', Joins::class),
            $input->choice('tied', Source::class),
            $input->optionalText('proof', 400),
            (int) $input->number('past_stoppages', 0, 99),
            $input->optionalText('shared', 200),
        );
    }

    /** @return array<string, mixed> */
    public function plain(): array
    {
        return [
            'id' => $this->id, 'from' => $this->from, 'to' => $this->to, 'length_m' => $this->length->plain(),
            'bore_mm' => $this->bore->plain(),
            'material' => ['value' => $this->material->value, 'source' => $this->materialSource->value], 'down_deg' => $this->down->plain(),
            'bends' => array_map(static fn (PipeBend $bend) => $bend->plain(), $this->bends), 'joins' => $this->joins->value,
            'tied' => $this->tied->value, 'proof' => $this->proof, 'past_stoppages' => $this->pastStoppages, 'shared' => $this->shared,
        ];
    }

    /** The same pipe with some of its values changed, by the constructor's names. */
    public function with(mixed ...$changes): self
    {
        // @phpstan-ignore argument.type (the names and types are the constructor's own, which checks them)
        return new self(...array_merge(get_object_vars($this), $changes));
    }

    public function isUpright(): bool
    {
        return self::UPRIGHT === $this->down->value;
    }

    /** Fall in percent; none for a stack. */
    public function fallPercent(): ?float
    {
        return $this->isUpright() ? null : 100 * tan(deg2rad($this->down->value));
    }

    public function segment(): Segment
    {
        $bore = Length::millimetres($this->bore->value);

        return new Segment($this->id, $this->from, $this->to, Length::metres($this->length->value), $bore, $this->down->value, array_map(
            // A bend that was sketched tighter than its own pipe can be: as tight as it can.
            fn (PipeBend $bend) => [
                $bend->at,
                new Bend($bend->degrees, Length::millimetres(max($bend->radius, $this->bore->value / 2)), $bore),
            ],
            $this->bends,
        ));
    }

    /** How it enters its lower node, where that is from the side. */
    public function branch(): ?Branch
    {
        return Joins::Straight === $this->joins ? null : new Branch($this->joins->degrees(), Length::millimetres($this->bore->value));
    }
}
