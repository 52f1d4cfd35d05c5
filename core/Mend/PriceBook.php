<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/** Prices of all methods. */
final readonly class PriceBook
{
    /** @param Price $reopen of each tie-in that a liner covers */
    public function __construct(
        public DiggingPrices $dig, public Margin $digMargin, public Price $linerStart, public Price $linerPerMetre, public Price $reopen,
        public Margin $linerMargin, public DiggingPrices $renew,
    ) {
    }

    /**
     * `dig` and `renew` {`start`, `per_m`, `per_m_depth`, `surface_per_m` {surface: price}}, `liner` {`start`, `per_m`, `reopen`}, each
     * price [low, high]; `dig` and `liner` also `extra_m` (added at each end) and `least_m`.
     *
     * @throws BadInput for what is missing or cannot be, at its place
     */
    public static function read(Input $input): self
    {
        $margin = static fn (Input $of) => new Margin($of->number('extra_m', 0), $of->number('least_m', 0));
        [$dig, $liner] = [$input->object('dig'), $input->object('liner')];

        return new self(
            DiggingPrices::read($dig), $margin($dig), Price::read($liner, 'start'), Price::read($liner, 'per_m'),
            Price::read($liner, 'reopen'), $margin($liner), DiggingPrices::read($input->object('renew')),
        );
    }

    /** With something that comes with every work that opens the ground. */
    public function withEachDig(Price $more): self
    {
        return new self(
            $this->dig->startingWith($more), $this->digMargin, $this->linerStart, $this->linerPerMetre, $this->reopen, $this->linerMargin,
            $this->renew->startingWith($more),
        );
    }
}
