<?php

declare(strict_types=1);

namespace App\Work;

use App\Firm\KitTool;
use Jurvex\Core\Cable\CableSizes;
use Jurvex\Core\Clear\Head;
use Jurvex\Core\Clear\HeadReach;
use Jurvex\Core\Clear\Pieces;
use Jurvex\Core\Measure\Length;

/** What of a firm's kit is each head of a plan. */
final readonly class KitPieces
{
    /**
     * @param array<string, string> $names by class of head; nothing for what the kit has not
     * @param ?list<Head> $heads that pass the way; none where the kit names no heads at all
     * @param array<string, HeadReach> $reaches of the pieces, by class of head
     */
    private function __construct(public array $names, public ?array $heads, public array $reaches)
    {
    }

    /**
     * @param list<KitTool> $tools
     * @param array<string, HeadReach> $reaches by piece
     * @param Length $needed from the opening, with what stays at the machine
     * @param Length $there far end of the stoppage, from the foot of the drop
     */
    public static function chosen(
        array $tools, CableSizes $sizes, array $reaches, Length $narrowest, Length $needed, Length $there,
    ): self {
        $names = self::names($tools);
        $pieces = array_merge(...array_map(static fn (KitTool $tool) => $tool->pieces(), $tools));
        $kit = new Pieces($pieces, $sizes, $reaches);
        $named = $reached = $heads = [];
        foreach (Head::cases() as $head) {
            $best = $kit->best($head, $narrowest, $needed, $there);
            if (null === $best) {
                continue;
            }
            $heads[] = $head;
            $named[$head->value] = $names[$best->id];
            if (isset($reaches[$best->id])) {
                $reached[$head->value] = $reaches[$best->id];
            }
        }

        return new self($named, [] === $pieces ? null : $heads, $reached);
    }

    /**
     * @param list<KitTool> $tools
     *
     * @return array<string, string> head and tool, by piece
     */
    public static function names(array $tools): array
    {
        $names = [];
        foreach ($tools as $tool) {
            foreach ($tool->details()->getHeads() as $i => $head) {
                $names[$tool->id.'-'.$i] = $head->name.' · '.$tool->details()->name;
            }
        }

        return $names;
    }
}
