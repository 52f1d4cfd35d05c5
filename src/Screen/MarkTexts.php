<?php

declare(strict_types=1);

namespace App\Screen;

use App\Record\Mark;
use App\Support\Units\Formatter;
use App\Work\MarkedFall;
use Jurvex\Core\Mark\DepthDoubt;
use Jurvex\Core\Measure\Grade;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Contracts\Translation\TranslatorInterface;
use Twig\Extension\RuntimeExtensionInterface;

/** Says whether a mark is good enough to dig by, and if not, why. */
final readonly class MarkTexts implements RuntimeExtensionInterface
{
    public function __construct(private Formatter $formatter, private TranslatorInterface $translator)
    {
    }

    public function of(Mark $mark, UnitSystem $units): string
    {
        $limit = $this->formatter->distance($mark->depth()->limit()->metres, $units);
        $why = array_map(
            fn (DepthDoubt $spoiled) => $this->translator->trans('mark.why.'.$spoiled->value, ['%limit%' => $limit]), $mark->spoiledBy(),
        );

        return [] === $why
            ? $this->translator->trans('mark.good')
            : $this->translator->trans('mark.poor', ['%why%' => implode(', ', $why)]);
    }

    /**
     * The falls between marks that follow each other, as far as the ground was measured.
     *
     * @param list<Mark> $marks
     *
     * @return list<string>
     */
    public function falls(array $marks, UnitSystem $units): array
    {
        return array_map(function (MarkedFall $each) use ($units): string {
            $grade = fn (?float $percent) => null === $percent ? '' : $this->formatter->fall(Grade::percent(abs($percent)), $units);
            [$near, $far] = [$each->upper->details()->atM ?? 0.0, $each->lower->details()->atM ?? 0.0];

            return $this->translator->trans('mark.fall.'.$each->verdict(), [
                '%from%' => $this->formatter->distance(min($near, $far), $units),
                '%to%' => $this->formatter->distance(max($near, $far), $units),
                '%fall%' => $grade($each->fall->fall), '%minimum%' => $grade($each->minimum->inPercent()),
                '%error%' => $grade(($each->fall->most ?? 0.0) - ($each->fall->fall ?? 0.0)),
            ]);
        }, MarkedFall::all($marks));
    }
}
