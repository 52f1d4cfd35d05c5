<?php

declare(strict_types=1);

namespace App\Look;

use App\Support\Units\Formatter;
use App\Support\Wording\FactWords;
use Jurvex\Core\Finding\Extent;
use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Contracts\Translation\TranslatorInterface;
use Twig\Extension\RuntimeExtensionInterface;

/** The finding tiles as the screen needs them: what each family holds, what is asked, and what a tap can answer. */
final readonly class Tiles implements RuntimeExtensionInterface
{
    /** The keys under the left hand, in the order of the families. */
    public const KEYS = ['q', 'w', 'e', 'r', 'a', 's', 'd', 'f'];

    public function __construct(private TranslatorInterface $translator, private Formatter $formatter)
    {
    }

    /** @return list<array<string, mixed>> */
    public function all(UnitSystem $units): array
    {
        return array_map(fn (Family $family, string $key) => [
            'code' => $family->value,
            'key' => $key,
            'name' => $this->translator->trans('family.'.$family->value),
            'holds' => $this->translator->trans('family_holds.'.$family->value),
            'kinds' => array_map(fn (Kind $kind) => $this->kind($kind, $units), $family->kinds()),
        ], Family::cases(), self::KEYS);
    }

    /** @return array<string, mixed> */
    private function kind(Kind $kind, UnitSystem $units): array
    {
        return [
            'code' => $kind->value,
            'name' => $this->translator->trans('kind.'.$kind->value),
            'unit' => $this->formatter->typedUnit($kind, $units),
            'measure' => $this->translator->trans('measure.'.$kind->measure()->value),
            'sized' => [] !== $kind->units(),
            'sizes' => $this->formatter->usualSizes($kind, $units),
            'stretch' => Extent::Point !== $kind->extent(),
            'onlyStretch' => Extent::Stretch === $kind->extent(),
            'water' => $kind->isWater(),
            'facts' => array_map($this->fact(...), array_values(array_filter($kind->facts(), self::isAsked(...)))),
        ];
    }

    /** Whether water ran and for how long not, and how finely the tilt is read, the run knows by itself. */
    private static function isAsked(Fact $fact): bool
    {
        return !\in_array($fact, [Fact::Water, Fact::MinutesOff, Fact::TiltStepDeg], true);
    }

    /** @return array<string, mixed> */
    private function fact(Fact $fact): array
    {
        return [
            'code' => $fact->value,
            'name' => $this->translator->trans('fact.'.$fact->value),
            'number' => $fact->isNumber(),
            'choices' => array_map(
                fn (string $choice) => ['code' => $choice, 'name' => $this->translator->trans(FactWords::key($fact, $choice))],
                $fact->choices(),
            ),
        ];
    }
}
