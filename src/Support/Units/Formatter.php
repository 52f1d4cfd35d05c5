<?php

declare(strict_types=1);

namespace App\Support\Units;

use App\Support\Wording\WordsExtension;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Measure;
use Jurvex\Core\Measure\Grade;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\Size;
use Jurvex\Core\Measure\SizeUnit;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Contracts\Translation\LocaleAwareInterface;
use Symfony\Contracts\Translation\TranslatorInterface;
use Twig\Extension\RuntimeExtensionInterface;

/** Writes measures the way the reader says them: units in their words, numbers in every language with a point. */
final class Formatter implements RuntimeExtensionInterface
{
    /** @var array<string, array<string, string>> clock positions by language: a page says the same few over and over */
    private array $known = [];

    /** @param TranslatorInterface&LocaleAwareInterface $translator */
    public function __construct(private readonly TranslatorInterface $translator, private readonly WordsExtension $words)
    {
    }

    /** A place or length along the line: `26.9 m`, `88' 3"`. */
    public function distance(float $metres, UnitSystem $units): string
    {
        return UnitSystem::Metric === $units ? $this->number($metres, 2, 1).' '.$this->unit('m') : $this->feetAndInches($metres);
    }

    /** Of earth: `7.3 m³`, `9.5 cubic yards`. */
    public function bulk(float $cubicMetres, UnitSystem $units): string
    {
        return UnitSystem::Metric === $units
            ? $this->number($cubicMetres, 1, 1).' '.$this->unit('m3')
            : $this->number($cubicMetres / Length::feet(3.0)->metres ** 3, 1, 1).' '.$this->unit('yd3');
    }

    /** A height over or under nought: `+0.3 m`, `−1' 2"`. */
    public function height(float $metres, UnitSystem $units): string
    {
        return (abs($metres) < 0.005 ? '' : ($metres < 0 ? '−' : '+')).$this->distance(abs($metres), $units);
    }

    /** The same without its unit where the unit stands beside it. */
    public function bareDistance(float $metres, UnitSystem $units): string
    {
        return UnitSystem::Metric === $units ? $this->number($metres, 2, 1) : $this->feetAndInches($metres);
    }

    /** A bore, depth or step: `31 mm`, `1 1/4 in`. */
    public function small(float $millimetres, UnitSystem $units): string
    {
        return $this->bareSmall($millimetres, $units).' '.$this->unit(UnitSystem::Metric === $units ? 'mm' : 'in');
    }

    /** The same without its unit where the unit stands beside it. */
    public function bareSmall(float $millimetres, UnitSystem $units): string
    {
        return UnitSystem::Metric === $units
            ? $this->number($millimetres, 0, 0)
            : self::fraction(Length::millimetres($millimetres)->inInches());
    }

    /** `21 mm/m`, `1/4 in/ft`. */
    public function fall(Grade $fall, UnitSystem $units): string
    {
        return UnitSystem::Metric === $units
            ? $this->number($fall->inMillimetresPerMetre(), 0, 0).' '.$this->unit('mm_m')
            : self::fraction($fall->inInchesPerFoot()).' '.$this->unit('in_ft');
    }

    /** `3.3 L`, `0.9 US gal`. */
    public function volume(float $litres, UnitSystem $units): string
    {
        $value = Quantity::Volume->shown($litres, $units);

        return $this->number($value, $value < 10 ? 1 : 0, 0).' '.$this->unit(Quantity::Volume->unit($units));
    }

    /** How fast a tool goes: `0.8 m/min`, `20 ft/min`. */
    public function pace(float $metresPerMinute, UnitSystem $units): string
    {
        $value = Quantity::Speed->shown($metresPerMinute, $units);

        return $this->number($value, $value < 10 ? 2 - (int) ($value >= 1) : 0, 0).' '.$this->unit(Quantity::Speed->unit($units));
    }

    /** A number with the unit in which the reader says it: `138 bar`, `2,001.5 psi`. */
    public function quantity(float $value, string $of, UnitSystem $units, int $decimals = 0): string
    {
        $quantity = Quantity::from($of);

        return $this->grouped($quantity->shown($value, $units), $decimals).' '.$this->unit($quantity->unit($units));
    }

    /** The unit of a field or value by its name; empty where it has none. */
    public function unitOf(string $name, UnitSystem $units): string
    {
        $quantity = Quantity::ofField('_'.$name);

        return null === $quantity ? '' : $this->unit($quantity->unit($units));
    }

    /** A large number in groups of three, as the language has them. */
    public function grouped(float $value, int $decimals = 0): string
    {
        return number_format($value, $decimals, '.', $this->translator->trans('unit.thousands'));
    }

    public function size(Size $size, UnitSystem $units): string
    {
        return match ($size->unit) {
            SizeUnit::Percent => $this->number($size->value, 1, 0).' %',
            SizeUnit::Degrees => $this->number($size->value, 0, 0).'°',
            SizeUnit::Millimetres => $this->small($size->value, $units),
        };
    }

    /** A clock position: `12`, `4:30`. */
    public function clock(float $hours): string
    {
        $minutes = (int) round($hours * 60);
        $hour = intdiv($minutes, 60) % 12;

        return (0 === $hour ? 12 : $hour).(0 === $minutes % 60 ? '' : ':'.str_pad((string) ($minutes % 60), 2, '0', \STR_PAD_LEFT));
    }

    /** Where on the clock, and as far as: `3 o'clock`, `11–2 o'clock`. */
    public function hours(float $from, ?float $to = null): string
    {
        return $this->known[$this->translator->getLocale()][$from.'–'.$to] ??= null === $to
            ? $this->translator->trans('clock.at', ['%from%' => $this->clock($from)])
            : $this->translator->trans('clock.range', ['%from%' => $this->clock($from), '%to%' => $this->clock($to)]);
    }

    /** A value or limit of a rule by its name, which carries the unit. */
    public function named(string $name, float|string|null $value, UnitSystem $units): string
    {
        if (!\is_float($value)) {
            return (string) $value;
        }

        return match (true) {
            str_ends_with($name, '_mm') => $this->small($value, $units),
            str_ends_with($name, '_m') => $this->distance($value, $units),
            str_ends_with($name, '_percent') => $this->number($value, 1, 0).' %',
            str_ends_with($name, '_deg') => $this->number($value, 0, 0).'°',
            default => $this->number($value, 1, 0),
        };
    }

    /** The usual unit in which a person types a kind's size. */
    public function typedUnit(Kind $kind, UnitSystem $units): string
    {
        return match ($kind->units()[0] ?? null) {
            SizeUnit::Percent => '%',
            SizeUnit::Degrees => '°',
            SizeUnit::Millimetres => $this->unit(UnitSystem::Metric === $units ? 'mm' : 'in'),
            null => '',
        };
    }

    /**
     * Sizes for a tap, in what the person would type.
     *
     * @return list<string>
     */
    public function usualSizes(Kind $kind, UnitSystem $units): array
    {
        $metric = UnitSystem::Metric === $units;

        return match ($kind->measure()) {
            Measure::ShareOfBore => ['5', '10', '25', '50', '80'],
            Measure::Depth => $metric ? ['5', '15', '25', '40', '60'] : ['1/4', '1/2', '1', '1 1/2', '2 1/2'],
            Measure::Step => ['5', '10', '20', '35', '50'],
            Measure::Gap => $metric ? ['10', '20', '40', '60'] : ['1/2', '1', '1 1/2', '2 1/2'],
            Measure::ShareOfWall => ['10', '25', '50', '75'],
            Measure::Ovality => ['3', '5', '10', '15', '20'],
            Measure::Thickness => ['5', '10', '20', '35', '60'],
            Measure::Bore => $metric ? ['50', '75', '100', '150', '200'] : ['2', '3', '4', '6', '8'],
            Measure::Turn => ['15', '30', '45', '90'],
            Measure::Fall => ['0.2', '0.5', '0.8', '1.5'],
            Measure::None => [],
        };
    }

    /** To the eighth of an inch, under one to the sixteenth: `7 1/2`, `5/8`. */
    private static function fraction(float $inches): string
    {
        $parts = abs($inches) < 1 ? 16 : 8;
        $count = (int) round(abs($inches) * $parts);
        $whole = intdiv($count, $parts);
        $rest = $count % $parts;
        while (0 !== $rest && 0 === $rest % 2) {
            [$rest, $parts] = [intdiv($rest, 2), intdiv($parts, 2)];
        }

        $text = trim((0 === $whole && 0 !== $rest ? '' : $whole).(0 === $rest ? '' : " $rest/$parts"));

        return $inches < 0 && $count > 0 ? '-'.$text : $text;
    }

    private function unit(string $key): string
    {
        return $this->words->words($key, 'unit');
    }

    private function feetAndInches(float $metres): string
    {
        $inches = (int) round(Length::metres($metres)->inInches());

        return intdiv($inches, 12)."' ".($inches % 12).'"';
    }

    /** Rounded to so many decimals, with no more noughts at the end than wanted. */
    private function number(float $value, int $most, int $least): string
    {
        $text = (string) (round($value, $most) + 0.0);
        $point = strpos($text, '.');

        return match (true) {
            0 === $least => $text,
            false === $point => $text.'.'.str_repeat('0', $least),
            default => str_pad($text, $point + 1 + $least, '0'),
        };
    }
}
