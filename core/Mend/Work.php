<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/** One piece of work, with its final ends and its price. */
final readonly class Work
{
    /** @param non-empty-list<Repair> $repairs */
    private function __construct(
        public Method $method, public float $from, public float $to, public Price $price, public array $repairs,
    ) {
    }

    /** @param non-empty-list<Repair> $repairs from the first start to the last end of which it goes */
    public static function over(array $repairs, Method $method, Line $line, PriceBook $prices): self
    {
        [$from, $to] = self::ends($repairs, $method, $line, $prices);

        return new self($method, $from, $to, self::price($from, $to, $method, $line, $prices), $repairs);
    }

    private static function price(float $from, float $to, Method $method, Line $line, PriceBook $prices): Price
    {
        return match ($method) {
            Method::Dig => $line->digging($from, $to, $prices->dig),
            Method::Renew => $line->digging($from, $to, $prices->renew),
            Method::Liner => $prices->linerStart->plus($prices->linerPerMetre->times($to - $from))
                ->plus($prices->reopen->times($line->tieInsWithin($from, $to))),
        };
    }

    /**
     * @param non-empty-list<Repair> $repairs
     *
     * @return array{float, float}
     */
    private static function ends(array $repairs, Method $method, Line $line, PriceBook $prices): array
    {
        if (Method::Renew === $method) {
            $pieces = array_map($line->piece(...), $repairs);

            return [min(array_column($pieces, 0)), max(array_column($pieces, 1))];
        }
        $from = min(array_map(static fn (Repair $repair) => $repair->from, $repairs));
        $to = max(array_map(static fn (Repair $repair) => $repair->to, $repairs));

        return (Method::Dig === $method ? $prices->digMargin : $prices->linerMargin)->around($from, $to, $line->length);
    }
}
