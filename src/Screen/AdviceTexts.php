<?php

declare(strict_types=1);

namespace App\Screen;

use App\Record\Job;
use App\Record\OpeningState;
use App\Support\Units\Formatter;
use App\Support\Wording\WordsExtension;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Sketch\AccessRules;
use Jurvex\Core\Sketch\Advice;
use Jurvex\Core\Sketch\NodeKind;
use Jurvex\Core\Sketch\OpeningAdvice;
use Jurvex\Core\Sketch\Sketch;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Says what the house rules make of the openings on the line map. */
final readonly class AdviceTexts
{
    private const BETWEEN = ' · ';

    public function __construct(
        private MapWords $map, private WordsExtension $words, private Formatter $formatter, private TranslatorInterface $translator,
    ) {
    }

    /** @return list<AdviceText> */
    public function on(Sketch $sketch, AccessRules $rules, UnitSystem $units): array
    {
        $names = $this->map->names($sketch);

        return array_map(
            fn (Advice $piece) => $this->text($piece, $names, $units), (new OpeningAdvice($rules))->on($sketch),
        );
    }

    /** @return list<AdviceText> of a job's openings: what stands on nothing that was guessed, and asks for work at them */
    public function findings(Job $job, UnitSystem $units): array
    {
        $sketch = $job->property()->sketch();
        if ($sketch->isBlank()) {
            return [];
        }
        $names = $this->map->names($sketch);
        // What is said of an opening's own state is not said twice.
        $told = [];
        foreach ($job->openings() as $opening) {
            $names[$opening->node() ?? ''] = $opening->details()->place;
            $told += OpeningState::TooSmall === $opening->details()->state ? [$opening->node() ?? '' => true] : [];
        }
        $rules = $job->firm->accessRules();

        return array_map(
            fn (Advice $piece) => $this->text($piece, $names, $units),
            array_values(array_filter(
                (new OpeningAdvice($rules))->on($sketch), static fn (Advice $piece) => $piece->isFinding() && !isset($told[$piece->at->id]),
            )),
        );
    }

    /** @param array<string, string> $names */
    private function text(Advice $piece, array $names, UnitSystem $units): AdviceText
    {
        $at = $names[$piece->at->id];
        $values = [];
        foreach ($piece->values as $name => $value) {
            $values[] = $this->words->words($name, 'value').' '.$this->formatter->named($name, $value, $units);
        }

        return new AdviceText(
            NodeKind::Outlet === $piece->at->kind ? '' : $at,
            $this->translator->trans('advice.'.$piece->rule, ['%other%' => null === $piece->other ? '' : $names[$piece->other->id]]),
            $this->words->words($piece->rule, 'advice_why').([] === $values ? '' : ' '.ucfirst(implode(self::BETWEEN, $values)).'.'),
            null === $piece->newAt
                ? ''
                : $this->translator->trans('advice.new', ['%metres%' => $this->formatter->distance($piece->newAt, $units), '%at%' => $at]),
        );
    }
}
