<?php

declare(strict_types=1);

namespace Jurvex\Core\Finding;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\ClockPosition;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\Size;
use Jurvex\Core\Measure\SizeUnit;

/** One thing seen on a run. Places are distances from the run's zero; the clock is read the way the camera travelled. */
final readonly class Finding
{
    private const FARTHEST_M = 10_000;

    /** @param array<string, string|float> $facts by the fact's code */
    private function __construct(
        public string $id,
        public Kind $kind,
        public Length $from,
        public ?Length $to,
        public ?Length $deepest,
        public Sureness $sureness,
        public ?ClockPosition $clockFrom,
        public ?ClockPosition $clockTo,
        public ?Size $size,
        public bool $atJoint,
        public array $facts,
        public string $note,
    ) {
    }

    /**
     * Reads `id`, `kind`, `from_m`, and where they apply `to_m`, `deepest_m`, `sureness`, `clock_from`, `clock_to`,
     * `size`, `unit`, `at_joint`, `facts` and `note`.
     *
     * @throws BadInput beside the usual codes: end_before_start, deepest_outside, not_for_this_kind
     */
    public static function read(Input $input): self
    {
        $kind = $input->choice('kind', Kind::class);
        $from = Length::metres($input->number('from_m', 0, self::FARTHEST_M));
        $to = self::readEnd($input, $kind, $from);
        $size = self::readSize($input, $kind);
        $clockFrom = $input->optionalNumber('clock_from', 0, 12);
        $clockTo = $input->optionalNumber('clock_to', 0, 12);

        return new self(
            $input->text('id', 64),
            $kind,
            $from,
            $to,
            self::readDeepest($input, $kind, $from, $to),
            $input->optionalChoice('sureness', Sureness::class) ?? Sureness::Clear,
            null === $clockFrom ? null : ClockPosition::hours($clockFrom),
            null === $clockTo ? null : ClockPosition::hours($clockTo),
            $size,
            $input->flag('at_joint') || Family::Joint === $kind->family(),
            self::readFacts($input, $kind),
            $input->optionalText('note'),
        );
    }

    /**
     * Plain values as `read` takes them.
     *
     * @return array{id: string, kind: string, from_m: float, to_m: ?float, deepest_m: ?float, sureness: string,
     * clock_from: ?float, clock_to: ?float, size: ?float, unit: ?string, at_joint: bool, facts: array<string,
     * string|float>, note: string}
     */
    public function plain(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind->value,
            'from_m' => $this->from->metres,
            'to_m' => $this->to?->metres,
            'deepest_m' => $this->deepest?->metres,
            'sureness' => $this->sureness->value,
            'clock_from' => $this->clockFrom?->hours,
            'clock_to' => $this->clockTo?->hours,
            'size' => $this->size?->value,
            'unit' => $this->size?->unit->value,
            'at_joint' => $this->atJoint,
            'facts' => $this->facts,
            'note' => $this->note,
        ];
    }

    /** The same under another identifier, every place farther by a factor: the counter was put right. */
    public function recounted(string $id, float $times): self
    {
        $place = static fn (?Length $at) => null === $at ? null : Length::metres($at->metres * $times);

        return new self(
            $id, $this->kind, Length::metres($this->from->metres * $times), $place($this->to), $place($this->deepest),
            $this->sureness, $this->clockFrom, $this->clockTo, $this->size, $this->atJoint, $this->facts, $this->note,
        );
    }

    /** The same at another place, as where distances count from elsewhere. */
    public function at(Length $from, ?Length $to): self
    {
        return new self(
            $this->id, $this->kind, $from, $to, null, $this->sureness, $this->clockFrom, $this->clockTo, $this->size, $this->atJoint,
            $this->facts, $this->note,
        );
    }

    /** The same under another identifier, begun elsewhere; as long as it was. */
    public function movedTo(string $id, Length $from): self
    {
        $along = fn (?Length $at) => null === $at ? null : Length::metres($from->metres + $at->metres - $this->from->metres);

        return new self(
            $id, $this->kind, $from, $along($this->to), $along($this->deepest), $this->sureness, $this->clockFrom, $this->clockTo,
            $this->size, $this->atJoint, $this->facts, $this->note,
        );
    }

    public function end(): Length
    {
        return $this->to ?? $this->from;
    }

    /** The same, with one more thing known of it. */
    public function withFact(Fact $fact, string $value): self
    {
        return new self(
            $this->id, $this->kind, $this->from, $this->to, $this->deepest, $this->sureness, $this->clockFrom,
            $this->clockTo, $this->size, $this->atJoint, [...$this->facts, $fact->value => $value], $this->note,
        );
    }

    public function lengthMetres(): float
    {
        return $this->end()->metres - $this->from->metres;
    }

    /** The value of a choice or text, if it was given. */
    public function fact(Fact $fact): ?string
    {
        $value = $this->facts[$fact->value] ?? null;

        return null === $value ? null : (string) $value;
    }

    public function says(Fact $fact, string $value = Fact::YES): bool
    {
        return $this->fact($fact) === $value;
    }

    public function sizeIn(SizeUnit $unit): ?float
    {
        return $this->size?->unit === $unit ? $this->size->value : null;
    }

    /** The size as share of the bore, to 100: as it was given, or from its millimetres; none when neither is known. */
    public function percentOf(?Length $bore): ?float
    {
        $millimetres = $this->sizeIn(SizeUnit::Millimetres);
        if (null === $millimetres || null === $bore || 0.0 === $bore->metres) {
            return $this->sizeIn(SizeUnit::Percent);
        }

        return min(100.0, 100 * $millimetres / $bore->inMillimetres());
    }

    private static function readEnd(Input $input, Kind $kind, Length $from): ?Length
    {
        if (Extent::Point === $kind->extent()) {
            if ($input->has('to_m')) {
                throw new BadInput('not_for_this_kind', $input->at('to_m'));
            }

            return null;
        }
        if (Extent::Either === $kind->extent() && !$input->has('to_m')) {
            return null;
        }
        $to = Length::metres($input->number('to_m', 0, self::FARTHEST_M));
        if ($to->compareTo($from) < 0) {
            throw new BadInput('end_before_start', $input->at('to_m'));
        }

        return $to;
    }

    private static function readDeepest(Input $input, Kind $kind, Length $from, ?Length $to): ?Length
    {
        if (!$input->has('deepest_m')) {
            return null;
        }
        if (!$kind->isWater() || null === $to) {
            throw new BadInput('not_for_this_kind', $input->at('deepest_m'));
        }
        $deepest = Length::metres($input->number('deepest_m', 0, self::FARTHEST_M));
        if ($deepest->compareTo($from) < 0 || $deepest->compareTo($to) > 0) {
            throw new BadInput('deepest_outside', $input->at('deepest_m'));
        }

        return $deepest;
    }

    private static function readSize(Input $input, Kind $kind): ?Size
    {
        if (!$input->has('size')) {
            return null;
        }
        $units = $kind->units();
        if ([] === $units) {
            throw new BadInput('not_for_this_kind', $input->at('size'));
        }
        $unit = $input->optionalChoice('unit', SizeUnit::class) ?? $units[0];
        if (!\in_array($unit, $units, true)) {
            throw BadInput::unknownValue($input->at('unit'), array_map(static fn (SizeUnit $unit) => $unit->value, $units));
        }

        return new Size($input->number('size', 0, $unit->most()), $unit);
    }

    /** @return array<string, string|float> in the order in which the kind asks */
    private static function readFacts(Input $input, Kind $kind): array
    {
        $given = $input->map('facts');
        if ([] === $given) {
            return [];
        }
        $read = [];
        $facts = new Input($given, $input->at('facts'));
        foreach ($kind->facts() as $fact) {
            if (!$facts->has($fact->value)) {
                continue;
            }
            $read[$fact->value] = $fact->isNumber() ? $facts->number($fact->value, 0) : self::answer($facts, $fact);
        }
        foreach (array_keys($given) as $key) {
            if (!\in_array(Fact::tryFrom((string) $key), $kind->facts(), true)) {
                throw new BadInput('not_for_this_kind', $facts->at((string) $key));
            }
        }

        return $read;
    }

    private static function answer(Input $facts, Fact $fact): string
    {
        $value = $facts->text($fact->value, 200);
        if ([] !== $fact->choices() && !\in_array($value, $fact->choices(), true)) {
            throw BadInput::unknownValue($facts->at($fact->value), $fact->choices());
        }

        return $value;
    }
}
