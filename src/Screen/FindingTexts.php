<?php

declare(strict_types=1);

namespace App\Screen;

use App\Support\Units\Formatter;
use App\Support\Wording\FactWords;
use App\Support\Wording\WordsExtension;
use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Finding\Sureness;
use Jurvex\Core\Judge\Judgement;
use Jurvex\Core\Measure\ClockPosition;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\SizeUnit;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Sketch\HouseTables;
use Symfony\Contracts\Translation\TranslatorInterface;
use Twig\Extension\RuntimeExtensionInterface;

/** Says findings and what the rules make of them. */
final readonly class FindingTexts implements RuntimeExtensionInterface
{
    private const BETWEEN = ' · ';
    /** At least, or no more, stands beside the depth itself. */
    private const TOLD_WITH_THE_SIZE = [Fact::LensUnder->value => true, Fact::OrLess->value => true];
    private const MATERIALS = ['material', 'material_before'];

    public function __construct(
        private WordsExtension $words, private Formatter $formatter, private TranslatorInterface $translator,
    ) {
    }

    /** @param bool $mirrored whether the clock is turned to be read in the direction of flow: the camera went against it */
    public function of(Finding $finding, Judgement $judged, UnitSystem $units, bool $mirrored = false): FindingText
    {
        $kind = $this->words->words($finding->kind, 'kind');

        return new FindingText(
            $finding->id, $judged->counts(), $this->place($finding, $units), $kind,
            Sureness::Likely === $finding->sureness
                ? $this->translator->trans('judge.likely', ['%kind%' => WordsExtension::lowered($kind)])
                : $kind,
            $this->facts($finding, $units, $mirrored),
            $this->words->words($judged->rule, 'rule'),
            null === $judged->remedy ? '' : $this->words->words($judged->remedy, 'remedy'),
        );
    }

    public function place(Finding $finding, UnitSystem $units): string
    {
        return $this->formatter->bareDistance($finding->from->metres, $units)
            .(null === $finding->to ? '' : '–'.$this->formatter->bareDistance($finding->to->metres, $units));
    }

    /** What the rule went by. */
    public function values(Judgement $judged, UnitSystem $units): string
    {
        $told = [];
        foreach ($judged->values as $name => $value) {
            $told[] = $this->words->words($name, 'value').' '
                .(null === $value ? $this->translator->trans('value.unknown') : $this->value($name, $value, $units));
        }

        return implode(self::BETWEEN, $told);
    }

    /** The house limits that the rule went by. */
    public function limits(Judgement $judged, UnitSystem $units): string
    {
        $told = [];
        foreach ($judged->limits as $name => $value) {
            $told[] = $this->words->words($name, 'limit').' '.$this->value($name, $value, $units);
        }

        return implode(self::BETWEEN, $told);
    }

    /** A value or limit by its name. */
    public function value(string $name, float|string $value, UnitSystem $units): string
    {
        $fact = Fact::tryFrom($name);

        return match (true) {
            \is_string($value) && \in_array($name, self::MATERIALS, true) => $this->words->words($value, 'material'),
            \is_string($value) && null !== $fact => $this->answer($fact, $value),
            default => $this->formatter->named($name, $value, $units),
        };
    }

    private function facts(Finding $finding, UnitSystem $units, bool $mirrored): string
    {
        $said = [];
        if (null !== $finding->size) {
            $size = $this->formatter->size($finding->size, $units).' '.$this->words->words($finding->kind->measure(), 'measure')
                .$this->tradeSize($finding, $units);
            // Under water the lens tells no more than that it is under.
            $said[] = match (true) {
                $finding->says(Fact::LensUnder) => $this->translator->trans('line.at_least', ['%size%' => $size]),
                $finding->says(Fact::OrLess) => $this->translator->trans('line.at_most', ['%size%' => $size]),
                default => $size,
            };
        }
        if (null !== $finding->clockFrom) {
            $said[] = $this->clock($finding->clockFrom, $finding->clockTo, $mirrored);
        }
        foreach (array_diff_key($finding->facts, self::TOLD_WITH_THE_SIZE) as $code => $value) {
            $said[] = $this->words->words($code, 'fact').': '.$this->answer(Fact::from($code), $value);
        }
        if ($finding->atJoint && Family::Joint !== $finding->kind->family()) {
            $said[] = $this->words->words('at_joint', 'clock');
        }
        if (Sureness::Clear !== $finding->sureness) {
            $said[] = mb_strtolower($this->words->words($finding->sureness, 'sureness'));
        }
        if ('' !== $finding->note) {
            $said[] = $finding->note;
        }

        return implode(self::BETWEEN, $said);
    }

    /** A true bore in inches is nothing that anybody asks for: the size under which the pipe is sold stands beside it. */
    private function tradeSize(Finding $finding, UnitSystem $units): string
    {
        $material = Material::tryFrom($finding->fact(Fact::MaterialAfter) ?? '');
        $millimetres = $finding->sizeIn(SizeUnit::Millimetres);
        $size = null === $material || null === $millimetres || UnitSystem::Metric === $units
            ? null : HouseTables::tradeSize($material, Length::millimetres($millimetres));

        return null === $size ? '' : ' '.$this->translator->trans('look.sold_as', ['%size%' => $size]);
    }

    private function clock(ClockPosition $from, ?ClockPosition $to, bool $mirrored): string
    {
        if (!$mirrored) {
            return $this->formatter->hours($from->hours, $to?->hours);
        }
        [$from, $to] = null === $to ? [$from, null] : [$to, $from];

        return $this->formatter->hours($from->seenFromBehind()->hours, $to?->seenFromBehind()->hours);
    }

    private function answer(Fact $fact, string|float $value): string
    {
        return [] === $fact->choices() ? (string) $value : $this->translator->trans(FactWords::key($fact, (string) $value));
    }
}
