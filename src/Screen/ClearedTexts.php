<?php

declare(strict_types=1);

namespace App\Screen;

use App\Record\Pass;
use App\Support\Units\Formatter;
use App\Support\Wording\WordsExtension;
use App\Work\CutterBound;
use App\Work\CutterBounds;
use App\Work\LookPair;
use Jurvex\Core\Compare\Fate;
use Jurvex\Core\Compare\FateOf;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Says in one sentence what clearing between two looks has done, by what both of them saw. */
final readonly class ClearedTexts
{
    private const CLEARED = [Family::Roots, Family::Deposit, Family::Object];
    /** So many of what is left, or was not seen before, are named with their places. */
    private const MOST_NAMED = 4;

    public function __construct(
        private LineTexts $line, private Formatter $formatter, private WordsExtension $words, private TranslatorInterface $translator,
        private CutterBounds $bounds,
    ) {
    }

    /** Empty where no tool was in the line between the two looks, or nothing that can be cleared was seen. */
    public function result(LookPair $pair, UnitSystem $units): string
    {
        $passes = self::between($pair);
        if ([] === $passes) {
            return '';
        }
        $said = [];
        foreach (self::CLEARED as $family) {
            $said[] = $this->ofFamily($pair, $family, $units);
        }
        $said = array_values(array_filter($said, static fn (string $each) => '' !== $each));
        $bound = [] === $said ? null : $this->bounds->of($pair, $passes);
        if (null !== $bound) {
            $said[] = $this->because($bound, $units);
        }

        return implode(' ', $said);
    }

    /** @return list<Pass> made after the look before and before the look after */
    private static function between(LookPair $pair): array
    {
        return array_values(array_filter(
            $pair->after->run->job->passes(), static fn (Pass $pass) => $pass->loggedAt >= $pair->before->run->startedAt
                && $pass->loggedAt <= $pair->after->run->startedAt,
        ));
    }

    private function ofFamily(LookPair $pair, Family $family, UnitSystem $units): string
    {
        $of = array_filter(
            $pair->comparison->fates, static fn (FateOf $each) => ($each->before ?? $each->after)?->kind->family() === $family,
        );
        $was = array_filter($of, static fn (FateOf $each) => null !== $each->before && Fate::NotSeen !== $each->fate);
        $unseen = \count(array_filter($of, static fn (FateOf $each) => Fate::NotSeen === $each->fate));
        if ([] === $was) {
            return '';
        }
        $isJoint = [] === array_filter($was, static fn (FateOf $each) => true !== $each->before?->atJoint);
        $what = 'cleared_result.'.$family->value.(Family::Roots === $family && $isJoint ? '_joints' : '');
        $told = $this->became(
            array_values(array_map(static fn (FateOf $each) => $each->fate, $was)),
            $this->translator->trans($what, ['count' => \count($was)]),
        );
        if ($unseen > 0) {
            $told[] = $this->translator->trans('cleared_result.unseen', ['count' => $unseen]);
        }
        $after = array_filter($of, static fn (FateOf $each) => null !== $each->after);
        $left = $this->named($pair, array_filter($after, static fn (FateOf $each) => null !== $each->before), 'left', $units);
        $new = $this->named($pair, array_filter($after, static fn (FateOf $each) => null === $each->before), 'new', $units);

        return implode('; ', array_filter([implode(', ', $told), $left, $new], static fn (string $each) => '' !== $each)).'.';
    }

    /**
     * @param non-empty-list<Fate> $fates of what was there before and whose place was seen again
     *
     * @return non-empty-list<string>
     */
    private function became(array $fates, string $what): array
    {
        if (1 === \count($fates)) {
            return [$this->translator->trans('cleared_result.one_'.$fates[0]->value, ['%what%' => $what])];
        }
        $count = array_count_values(array_map(static fn (Fate $fate) => $fate->value, $fates));
        $gone = $count[Fate::Gone->value] ?? 0;
        $told = [$this->translator->trans(
            0 === $gone ? 'cleared_result.none_gone' : 'cleared_result.some_gone',
            ['%gone%' => $gone, '%all%' => \count($fates), '%what%' => $what],
        )];
        foreach ([Fate::Less, Fate::Same, Fate::More] as $fate) {
            if (isset($count[$fate->value])) {
                $told[] = $this->translator->trans('cleared_result.'.$fate->value, ['count' => $count[$fate->value]]);
            }
        }

        return $told;
    }

    /** @param FateOf[] $fates of what the look after saw */
    private function named(LookPair $pair, array $fates, string $how, UnitSystem $units): string
    {
        $seen = array_values(array_filter(array_map($pair->after(...), $fates)));
        $named = array_map(fn (Finding $each) => $this->translator->trans(
            'cleared_result.'.$how.(null === $each->size ? '_unsized' : ''), [
                '%what%' => mb_strtolower($this->words->words($each->kind, 'kind')),
                '%size%' => null === $each->size ? '' : $this->formatter->size($each->size, $units),
                '%at%' => $this->line->withIn($pair, $pair->after->run, $each->from->metres, $units),
            ],
        ), \array_slice($seen, 0, self::MOST_NAMED));
        $more = \count($seen) - \count($named);

        return implode(', ', $more > 0
            ? [...$named, $this->translator->trans('cleared_result.more_'.$how, ['count' => $more])] : $named);
    }

    private function because(CutterBound $bound, UnitSystem $units): string
    {
        return $this->translator->trans(null === $bound->opening ? 'cleared_result.cutter' : 'cleared_result.cutter_opening', [
            '%cutter%' => $this->formatter->small($bound->ring->cutter->inMillimetres(), $units),
            '%bore%' => $this->formatter->small($bound->ring->bore->inMillimetres(), $units),
            '%swept%' => (string) round($bound->ring->sweptPercent()),
            '%opening%' => null === $bound->opening ? '' : $this->formatter->small($bound->opening->inMillimetres(), $units),
        ]);
    }
}
