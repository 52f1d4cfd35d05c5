<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/** A firm's price book: works in the pipe, what comes with them, how it digs, how long the water is off. */
final readonly class FirmPrices
{
    /** Starting values, to be put right by the firm: each [low, high]. */
    public const USUAL = [
        'dig' => [
            'start' => [450, 750], 'per_m' => [90, 160], 'per_m_depth' => [60, 110], 'extra_m' => 0.4, 'least_m' => 1.2,
            'surface_per_m' => self::SURFACES,
        ],
        'renew' => ['start' => [700, 1100], 'per_m' => [140, 230], 'per_m_depth' => [60, 110], 'surface_per_m' => self::SURFACES],
        'liner' => [
            'start' => [950, 1500], 'per_m' => [120, 190], 'reopen' => [160, 260], 'extra_m' => 0.3, 'least_m' => 2.0,
        ],
        'items' => [
            'call_out' => [80, 140], 'new_opening' => [650, 1100], 'floor' => [350, 650], 'fixture' => [120, 220],
            'under_floor' => [190, 340], 'road_permit' => [150, 420], 'code_office' => [60, 200], 'look_before_closing' => [60, 110],
        ],
        'water_off_h' => ['dig' => [4, 8], 'liner' => [6, 12], 'renew' => [8, 24]],
        'usual_depth_m' => 1.2, 'usual_surface' => 'lawn',
        'trench' => TrenchRules::USUAL,
    ];
    private const SURFACES = [
        'lawn' => [10, 20], 'bed' => [15, 35], 'slab' => [90, 150], 'drive' => [110, 190], 'road' => [240, 420], 'indoors' => [160, 280],
    ];

    /**
     * @param array<string, Price> $items by code
     * @param array<string, Price> $waterOff hours by method
     */
    private function __construct(
        public PriceBook $book, private array $items, private array $waterOff, public float $usualDepth, public string $usualSurface,
        public TrenchRules $trench,
    ) {
    }

    /**
     * The starting values with what the firm has put right.
     *
     * @param array<mixed> $own as USUAL
     *
     * @throws BadInput at what is missing or cannot be
     */
    public static function of(array $own): self
    {
        $input = new Input(self::merged($own));
        $items = $input->object('items');
        $hours = $input->object('water_off_h');
        $prices = $waterOff = [];
        foreach (Item::cases() as $item) {
            $prices[$item->value] = Price::read($items, $item->value);
        }
        foreach (Method::cases() as $method) {
            $waterOff[$method->value] = Price::read($hours, $method->value);
        }

        return new self(
            PriceBook::read($input), $prices, $waterOff, $input->number('usual_depth_m', 0.1, 20),
            $input->word('usual_surface', ...array_keys(self::SURFACES)), TrenchRules::read($input->object('trench')),
        );
    }

    /**
     * @param array<mixed> $own
     *
     * @return array<string, mixed> all values, the firm's where it has its own
     */
    public static function merged(array $own): array
    {
        /** @var array<string, mixed> $merged */
        $merged = array_replace_recursive(self::USUAL, $own);

        return $merged;
    }

    public function item(Item $item): Price
    {
        return $this->items[$item->value];
    }

    public function waterOff(Method $method): Price
    {
        return $this->waterOff[$method->value];
    }
}
