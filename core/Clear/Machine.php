<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** What does the clearing; each has lines that are confirmed before it turns or sprays. */
enum Machine: string
{
    case Cable = 'cable';
    case Jet = 'jet';

    /** @return non-empty-list<string> codes of what is looked at on the machine before use */
    public function checks(): array
    {
        return match ($this) {
            self::Cable => ['cable_whole', 'couplings_latch', 'guards_on', 'lead_whole'],
            self::Jet => ['oil_level', 'screen_clean', 'hoses_whole', 'gauge_at_nought', 'relief_moves'],
        };
    }

    /** @return non-empty-list<string> codes of what is confirmed, line by line, before the first turn or the first pressure */
    public function gate(): array
    {
        return match ($this) {
            self::Cable => [
                'drain_gloves', 'eyes_and_clothes', 'foot_switch', 'supply_protected', 'close_to_opening', 'no_slack',
                'chemicals_asked',
            ],
            self::Jet => [
                'nozzle_in_pipe', 'hose_marked', 'guard_sleeve', 'nozzle_tight', 'tank_and_screen', 'alone_at_controls',
                'injury_to_hospital', 'chemicals_asked',
            ],
        };
    }
}
