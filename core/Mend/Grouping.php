<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

/**
 * Which repairs are done by one work, for each way to mend a line: what takes long to work out, and is the same again for the
 * same line. Ends and prices follow from it at once.
 */
final readonly class Grouping
{
    /** @param array<string, list<array{string, list<string>}>> $works method and repairs of each, by way */
    private function __construct(public array $works)
    {
    }

    /** @param array<string, Option> $options by way */
    public static function of(array $options): self
    {
        return new self(array_map(static fn (Option $option) => array_map(static fn (Work $work) => [
            $work->method->value, array_map(static fn (Repair $repair) => $repair->id, $work->repairs),
        ], $option->works), $options));
    }

    /**
     * @param array<string, list<array{string, list<string>}>> $works
     *
     * @return ?self none where a way is missing
     */
    public static function read(array $works): ?self
    {
        $ways = array_map(static fn (Way $way) => $way->value, Way::cases());

        return [] === array_diff($ways, array_keys($works)) ? new self($works) : null;
    }

    /**
     * @param list<Repair> $repairs all of the line
     *
     * @return list<Work> by their place
     */
    public function works(Way $way, array $repairs, Line $line, PriceBook $prices): array
    {
        $byId = array_column($repairs, null, 'id');
        $works = [];
        foreach ($this->works[$way->value] as [$method, $ids]) {
            $its = array_values(array_filter(array_map(static fn (string $id) => $byId[$id] ?? null, $ids)));
            if ([] !== $its) {
                $works[] = Work::over($its, Method::from($method), $line, $prices);
            }
        }

        return $works;
    }
}
