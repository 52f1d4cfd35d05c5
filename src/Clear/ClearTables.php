<?php

declare(strict_types=1);

namespace App\Clear;

use Jurvex\Core\Clear\WorkRates;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/** A firm's own numbers for clearing: its cable, what it keeps clear, and how fast it works. */
final readonly class ClearTables
{
    public const CABLE = ['drum_m' => 15.0, 'section_m' => 4.5, 'sections_on_hand' => 6.0, 'tail_m' => 1.5, 'hand_margin_m' => 2.0, 'overrun_m' => 6.0, 'clearance_mm' => 5.0];
    public const CUTTERS = [32.0, 50.0, 75.0, 95.0];
    private const SOLIDS = 0.05;

    /**
     * @param array<string, float> $cable
     * @param list<float>          $cutters in mm
     * @param float                $solids  share of the flow that may be solids
     */
    private function __construct(public array $cable, public array $cutters, public WorkRates $rates, public float $solids)
    {
    }

    /**
     * The usual numbers with what the firm has put right: {`cable`: {…}, `cutters_mm`: […], `rates`: {…}, `solids_fraction`}.
     *
     * @throws BadInput for what cannot be, at its place
     */
    public static function read(Input $input): self
    {
        $given = $input->has('cable') ? $input->object('cable') : new Input([]);
        $cable = [];
        foreach (self::CABLE as $key => $usual) {
            $cable[$key] = $given->has($key) ? $given->number($key, 0, 1000) : $usual;
        }
        if (0.0 === $cable['section_m']) {
            throw BadInput::outOfRange($given->at('section_m'), 0.1, 1000);
        }
        $given->has('sections_on_hand') && $given->wholeNumber('sections_on_hand', 0);
        $solids = $input->has('solids_fraction') ? $input->positive('solids_fraction') : self::SOLIDS;
        if ($solids > 0.5) {
            throw BadInput::outOfRange($input->at('solids_fraction'), 0, 0.5);
        }

        return new self($cable, $input->has('cutters_mm') ? $input->positives('cutters_mm') : self::CUTTERS, $input->has('rates') ? WorkRates::changed($input->object('rates')) : WorkRates::usual(), $solids);
    }
}
