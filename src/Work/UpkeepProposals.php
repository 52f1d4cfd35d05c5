<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Judge\Need;
use Jurvex\Core\Upkeep\UpkeepWork;

/** Proposes when a property should be seen to next: by its own record where two looks tell a growth, else by the house's cycle. */
final readonly class UpkeepProposals
{
    /** @param list<PlaceHistory> $histories */
    public static function of(LineRecord $record, array $histories, \DateTimeImmutable $today): ?UpkeepProposal
    {
        $soonest = null;
        foreach ($histories as $history) {
            $isSooner = null !== $history->earliest() && (null === $soonest || $history->earliest() < $soonest->earliest());
            $soonest = $isSooner && !$history->isOverTheLimit() ? $history : $soonest;
        }
        $from = $soonest?->earliest();
        if (null !== $soonest && null !== $from) {
            $from = max($today, $from);

            return new UpkeepProposal(
                UpkeepWork::against($soonest->finding->finding->kind), $from, max($from, $soonest->reaches() ?? $from), $soonest,
                $soonest->finding,
            );
        }

        return self::byCycle($record, $histories);
    }

    /** @param list<PlaceHistory> $histories */
    private static function byCycle(LineRecord $record, array $histories): ?UpkeepProposal
    {
        $next = null;
        foreach ($record->ranked() as $each) {
            $need = $each->judgement->counts();
            if (Need::KeepClean !== $need && Need::Watch !== $need) {
                continue;
            }
            $work = self::work($each);
            $since = $each->line->run->startedAt;
            foreach ($histories as $history) {
                $since = $history->finding === $each && null !== $history->workedOn ? $history->workedOn : $since;
            }
            [$least, $most] = $work->months();
            $from = $since->modify('+'.$least.' months');
            if (null === $next || $from < $next->from) {
                $next = new UpkeepProposal($work, $from, $since->modify('+'.$most.' months'), null, $each);
            }
        }

        return $next;
    }

    private static function work(LineFinding $each): UpkeepWork
    {
        return Need::Watch === $each->judgement->counts() || Kind::LowSpot === $each->finding->kind
            ? UpkeepWork::Look : UpkeepWork::against($each->finding->kind);
    }
}
