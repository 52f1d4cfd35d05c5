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
    /** So many of what is left are named with their places. */
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
        $count = static fn (Fate $fate) => \count(array_filter($was, static fn (FateOf $each) => $each->fate === $fate));
        $isJoint = [] === array_filter($was, static fn (FateOf $each) => true !== $each->before?->atJoint);
        $told = [$this->gone($count(Fate::Gone), \count($was), $this->translator->trans(
            'cleared_result.'.$family->value.(Family::Roots === $family && $isJoint ? '_joints' : ''), ['count' => \count($was)],
        ))];
        foreach ([Fate::Less, Fate::Same, Fate::More] as $fate) {
            if ($count($fate) > 0) {
                $told[] = $this->translator->trans('cleared_result.'.$fate->value, ['count' => $count($fate)]);
            }
        }
        if ($unseen > 0) {
            $told[] = $this->translator->trans('cleared_result.unseen', ['count' => $unseen]);
        }
        $left = $this->left($pair, $family, $units);

        return implode(', ', $told).('' === $left ? '.' : '; '.$left.'.');
    }

    private function gone(int $gone, int $all, string $what): string
    {
        $case = 1 === $all ? (1 === $gone ? 'one_gone' : 'one_left') : (0 === $gone ? 'none_gone' : 'some_gone');

        return $this->translator->trans('cleared_result.'.$case, ['%gone%' => $gone, '%all%' => $all, '%what%' => $what]);
    }

    private function left(LookPair $pair, Family $family, UnitSystem $units): string
    {
        $left = array_values(array_filter(
            $pair->after->record->findings, static fn (Finding $each) => $each->kind->family() === $family,
        ));
        $named = array_map(fn (Finding $each) => $this->translator->trans(
            null === $each->size ? 'cleared_result.left_unsized' : 'cleared_result.left', [
                '%what%' => mb_strtolower($this->words->words($each->kind, 'kind')),
                '%size%' => null === $each->size ? '' : $this->formatter->size($each->size, $units),
                '%at%' => $this->line->withIn($pair, $pair->after->run, $each->from->metres, $units),
            ],
        ), \array_slice($left, 0, self::MOST_NAMED));
        $more = \count($left) - \count($named);

        return implode(', ', $more > 0 ? [...$named, $this->translator->trans('cleared_result.more_left', ['count' => $more])] : $named);
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
