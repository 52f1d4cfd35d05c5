<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\LoggedFinding;
use App\Record\Run;
use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Measure\ClockPosition;
use Jurvex\Core\Measure\DistanceReader;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\Size;
use Jurvex\Core\Measure\SizeReader;
use Jurvex\Core\Measure\SizeUnit;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Measure\UnreadableMeasure;
use Jurvex\Core\Sketch\HouseTables;

/**
 * Reads a finding as it was typed or tapped: places as counter readings (`reading_from` …) or distances (`from` …),
 * clock positions as they stand on the rolled picture.
 */
final class FindingEntry
{
    private const PLACES = ['from', 'to', 'deepest'];
    private const CLOCK = '/^(\d{1,2})(?::([0-5]\d)|[.,](\d+))?$/';

    /** A depth that is only known to be more, or no more: `at least 2 in`, `> 50`, `1 in or less`, `< 25`. */
    private const AT_LEAST = '/^\s*(?:at least|over|[>≥]=?)\s*|\s*or more\s*$/iu';
    private const OR_LESS = '/^\s*(?:at most|under|[<≤]=?)\s*|\s*or less\s*$/iu';

    /** @var array<string, array{code: string, allowed: array<string, scalar>}> */
    private array $errors = [];

    /** @param array<string, mixed> $typed */
    private function __construct(private readonly array $typed, private readonly Run $run, private readonly UnitSystem $units)
    {
    }

    /**
     * @param array<string, mixed> $typed fields of the request
     *
     * @throws RefusedEntry
     */
    public static function read(string $id, array $typed, Run $run, UnitSystem $units, \DateTimeImmutable $now): LoggedFinding
    {
        return (new self($typed, $run, $units))->finding($id, $now);
    }

    private function finding(string $id, \DateTimeImmutable $now): LoggedFinding
    {
        $invert = $this->clock('invert_on_screen');
        $at = $this->run->whenSaid($this->text('entered_at'), $now);
        $finding = $this->asRead($this->given($id, $invert, $at));
        $replaces = $this->text('replaces');
        $recorded = $this->text('recorded_s');

        return new LoggedFinding(
            $id, $this->run, $finding, $at,
            $this->nearReading(), $invert?->hours, '' === $replaces ? null : $replaces,
            Going::tryFrom($this->text('going'))?->isBack(),
            is_numeric($recorded) && $recorded >= 0 ? (float) $recorded : null,
        );
    }

    /**
     * The finding as the core reads it; errors at single fields are collected on the way.
     *
     * @return array<string, mixed>
     */
    private function given(string $id, ?ClockPosition $invert, \DateTimeImmutable $at): array
    {
        $kind = Kind::tryFrom($this->text('kind'));
        $facts = $this->facts($kind);
        $size = self::trueBore($kind, $this->size($kind), $facts[Fact::MaterialAfter->value] ?? '');
        $given = [
            'id' => $id, 'kind' => $this->text('kind'), 'sureness' => $this->text('sureness'),
            'note' => $this->text('note'), 'at_joint' => '' !== $this->text('at_joint'),
            'size' => $size?->value, 'unit' => $size?->unit->value,
            'facts' => $facts + (true === $kind?->isWater() ? $this->waterOfTheRun($at) : []),
        ];
        foreach (self::PLACES as $place) {
            $given[$place.'_m'] = $this->place($place);
        }
        // Drawing back, the far end of a stretch comes first.
        if (null !== $given['to_m'] && null !== $given['from_m'] && $given['to_m'] < $given['from_m']) {
            [$given['from_m'], $given['to_m']] = [$given['to_m'], $given['from_m']];
        }
        foreach (['clock_from', 'clock_to'] as $clock) {
            $seen = $this->clock($clock);
            $given[$clock] = null === $invert ? $seen?->hours : $seen?->correctedForRoll($invert)->hours;
        }

        return $given;
    }

    /**
     * @param array<string, mixed> $given
     *
     * @throws RefusedEntry
     */
    private function asRead(array $given): Finding
    {
        $finding = null;
        try {
            $finding = Finding::read(new Input(array_filter($given, static fn (mixed $value) => null !== $value)));
        } catch (BadInput $error) {
            $this->errors += [self::field($error->at) => ['code' => $error->reason, 'allowed' => $error->allowed]];
        }
        if (null === $finding || [] !== $this->errors) {
            throw new RefusedEntry($this->errors ?: ['kind' => ['code' => 'missing', 'allowed' => []]]);
        }

        return $finding;
    }

    /** Metres from zero. */
    private function place(string $name): ?float
    {
        $reading = $this->reading('reading_'.$name);

        return null === $reading ? $this->reading($name) : $this->run->counter()->distance(Length::metres($reading))->metres;
    }

    /** What the counter read at the near end. */
    private function nearReading(): ?float
    {
        [$from, $to] = [$this->reading('reading_from'), $this->reading('reading_to')];

        return null === $from || null === $to ? $from : min($from, $to);
    }

    private function reading(string $field): ?float
    {
        return $this->measured($field, fn (string $typed) => DistanceReader::read($typed, $this->units)->metres);
    }

    private function size(?Kind $kind): ?Size
    {
        $units = $kind?->units() ?? [];

        return [] === $units ? null : $this->measured('size', fn (string $typed) => SizeReader::read(
            $kind->isWater() ? (string) preg_replace([self::AT_LEAST, self::OR_LESS], '', $typed) : $typed, $units, $this->units,
        ));
    }

    /** A trade size of the pipe that goes on is its true bore. */
    private static function trueBore(?Kind $kind, ?Size $size, string|float $material): ?Size
    {
        $after = Material::tryFrom((string) $material);
        if (Kind::Transition !== $kind || null === $size || null === $after) {
            return $size;
        }

        return new Size(HouseTables::typedBore($after, Length::millimetres($size->value))->inMillimetres(), SizeUnit::Millimetres);
    }

    /** @return array<string, string> that a depth is more or less than it could be told, where it was typed so */
    private function bound(): array
    {
        return match (1) {
            preg_match(self::AT_LEAST, $this->text('size')) => [Fact::LensUnder->value => Fact::YES],
            preg_match(self::OR_LESS, $this->text('size')) => [Fact::OrLess->value => Fact::YES],
            default => [],
        };
    }

    private function clock(string $field): ?ClockPosition
    {
        $typed = $this->text($field);
        if ('' === $typed) {
            return null;
        }
        $hours = preg_match(self::CLOCK, $typed, $found)
            ? (float) $found[1] + (float) ($found[2] ?? 0) / 60 + (float) ('0.'.($found[3] ?? 0))
            : -1.0;
        if ($hours < 0 || $hours >= 13) {
            $this->errors[$field] = ['code' => 'not_a_clock', 'allowed' => []];

            return null;
        }

        // Half past twelve is written 12:30 and lies just past the crown.
        return ClockPosition::hours($hours > 12 ? $hours - 12 : $hours);
    }

    /** @return array<string, string|float> */
    private function facts(?Kind $kind): array
    {
        $given = $this->typed['facts'] ?? [];
        if (!\is_array($given)) {
            return [];
        }
        $facts = true === $kind?->isWater() ? $this->bound() : [];
        foreach ($kind?->facts() ?? [] as $fact) {
            $value = $given[$fact->value] ?? '';
            if (!\is_string($value) || '' === $value) {
                continue;
            }
            $facts[$fact->value] = $fact->isNumber() ? $this->number($fact, $value) : $value;
        }

        return $facts;
    }

    /**
     * Every water reading says whether water was running and how long it had been off; the run knows.
     *
     * @return array<string, string|float>
     */
    private function waterOfTheRun(\DateTimeImmutable $at): array
    {
        $water = $this->run->details()->water();
        if ('off' !== $water) {
            return '' === $water ? [] : [Fact::Water->value => $water];
        }
        $offAt = $this->run->waterOffAt();

        if (null === $offAt) {
            return [Fact::Water->value => 'off'];
        }
        $minutes = floor(max(0, $at->getTimestamp() - $offAt->getTimestamp()) / 60);

        return [Fact::Water->value => 'off', Fact::MinutesOff->value => $minutes];
    }

    private function number(Fact $fact, string $typed): float
    {
        $typed = str_replace(',', '.', $typed);
        if (!is_numeric($typed)) {
            $this->errors[$fact->value] = ['code' => 'not_a_number', 'allowed' => []];

            return 0.0;
        }

        return (float) $typed;
    }

    /**
     * @template T
     *
     * @param \Closure(string): T $read
     *
     * @return ?T
     */
    private function measured(string $field, \Closure $read): mixed
    {
        $typed = $this->text($field);
        if ('' === $typed) {
            return null;
        }
        try {
            return $read($typed);
        } catch (UnreadableMeasure $error) {
            $this->errors[$field] = ['code' => 'measure.'.$error->reason, 'allowed' => ['typed' => $typed]];

            return null;
        }
    }

    private function text(string $field): string
    {
        $value = $this->typed[$field] ?? '';

        return \is_scalar($value) ? trim((string) $value) : '';
    }

    /** The field of the screen for a path of the core's: `to_m` is `to`, `facts.wear` is `wear`. */
    private static function field(string $at): string
    {
        return preg_replace(['/^facts\./', '/_m$/'], '', $at) ?? $at;
    }
}
