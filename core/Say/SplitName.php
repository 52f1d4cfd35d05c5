<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Kind;

/** What is named in two parts, with its place between them: "the joint at 44 feet is wide open". */
final class SplitName
{
    /** What of the pipe is named, what is said of it, what that is and how. */
    private const NAMES = [
        ['joint_named', 'is_open', Kind::SeparatedJoint, []],
        ['bottom_named', 'is_gone', Kind::WornInvert, ['wear' => 'gone']],
        ['seal_named', 'is_hanging', Kind::FailedSeal, []],
    ];

    /** @return list<Mention> */
    public static function in(Sentence $sentence): array
    {
        $named = [];
        foreach (self::NAMES as [$head, $told, $kind, $facts]) {
            foreach ($sentence->marks($head) as $begin => $end) {
                $place = $sentence->amountEnd($end + 1);
                $last = null === $place ? null : $sentence->begins($told, $place + 1);
                if (null !== $last && null === $sentence->named->next($begin, $last)) {
                    $named[] = new Mention($kind, $place + 1, $last, facts: $facts);
                }
            }
        }

        return $named;
    }
}
