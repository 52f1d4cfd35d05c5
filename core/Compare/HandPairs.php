<?php

declare(strict_types=1);

namespace Jurvex\Core\Compare;

use Jurvex\Core\Finding\Finding;

/** What a person who knows the line says of the pairs: these two are one thing, or those two are not. */
final readonly class HandPairs
{
    /**
     * @param array<string, string> $same identifiers of the findings after, by that of the one before
     * @param list<array{string, string}> $apart before and after
     */
    public function __construct(private array $same, private array $apart)
    {
    }

    public static function none(): self
    {
        return new self([], []);
    }

    public function parts(string $before, string $after): bool
    {
        return \in_array([$before, $after], $this->apart, true);
    }

    /**
     * @param list<Finding> $before
     * @param list<Finding> $after
     *
     * @return array<int, int> places in the list after, by that before
     */
    public function places(array $before, array $after): array
    {
        $known = array_flip(array_map(static fn (Finding $each) => $each->id, $after));
        $of = [];
        foreach ($before as $i => $each) {
            $j = $known[$this->same[$each->id] ?? ''] ?? null;
            if (null !== $j && !\in_array($j, $of, true)) {
                $of[$i] = $j;
            }
        }

        return $of;
    }
}
