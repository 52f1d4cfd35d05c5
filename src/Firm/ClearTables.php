<?php

declare(strict_types=1);

namespace App\Firm;

use Jurvex\Core\Cable\CableSizes;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Clear\WorkRates;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/** A firm's own numbers for clearing: its cable, what it keeps clear, and how fast it works. */
final readonly class ClearTables
{
    public const CABLE = [
        'drum_m' => 15.0, 'section_m' => 4.5, 'sections_on_hand' => 6.0, 'tail_m' => 1.5, 'hand_margin_m' => 2.0,
        'overrun_m' => 6.0, 'clearance_mm' => 5.0, 'hose_mark_m' => 1.0, 'test_min' => 5.0,
    ];
    public const CUTTERS = [32.0, 50.0, 75.0, 95.0];
    private const SOLIDS = 0.05;

    /**
     * @param array<string, float> $cable
     * @param list<float> $cutters in mm
     * @param float $solids share of the flow that may be solids
     * @param Machine $first what the house takes where the tables of the trade do not say
     */
    private function __construct(
        public array $cable, public array $cutters, public WorkRates $rates, public float $solids,
        public CableSizes $sizes, public Machine $first,
    ) {
    }

    /**
     * The usual numbers with what the firm has put right: {`cable`: {…}, `cutters_mm`: […], `rates`: {…}, `solids_fraction`,
     * `cable_by_bore`: [{`bore_mm`, `from_mm`, `to_mm`}…], `first`: cable or jet}.
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
        foreach (['section_m', 'hose_mark_m'] as $key) {
            if (0.0 === $cable[$key]) {
                throw BadInput::outOfRange($given->at($key), 0.1, 1000);
            }
        }
        $given->has('sections_on_hand') && $given->wholeNumber('sections_on_hand', 0);
        $solids = $input->has('solids_fraction') ? $input->positive('solids_fraction') : self::SOLIDS;
        if ($solids > 0.5) {
            throw BadInput::outOfRange($input->at('solids_fraction'), 0, 0.5);
        }

        return new self(
            $cable, $input->has('cutters_mm') ? $input->positives('cutters_mm') : self::CUTTERS,
            $input->has('rates') ? WorkRates::changed($input->object('rates')) : WorkRates::usual(), $solids,
            self::sizes($input->has('cable_by_bore') ? $input->objects('cable_by_bore') : []),
            $input->has('first') ? $input->choice('first', Machine::class) : Machine::Cable,
        );
    }

    /**
     * @param list<Input> $rows
     *
     * @throws BadInput
     */
    private static function sizes(array $rows): CableSizes
    {
        $sizes = array_map(static function (Input $row): array {
            $size = ['bore_mm' => $row->positive('bore_mm'), 'from_mm' => $row->positive('from_mm'), 'to_mm' => $row->positive('to_mm')];
            if ($size['to_mm'] < $size['from_mm']) {
                throw BadInput::outOfRange($row->at('to_mm'), $size['from_mm'], 100);
            }

            return $size;
        }, $rows);

        return [] === $sizes ? new CableSizes() : new CableSizes($sizes);
    }
}
