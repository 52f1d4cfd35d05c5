<?php

declare(strict_types=1);

namespace Jurvex\Core\Site;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/** Something on the plan of a site that stays. */
final readonly class FixedThing
{
    /** Nobody tapes farther than this. */
    private const FARTHEST_M = 1000.0;

    public function __construct(public string $id, public FixedKind $kind, public string $name, public Place $place)
    {
    }

    /** @throws BadInput */
    public static function read(Input $input): self
    {
        $place = new Place(
            $input->number('x_m', -self::FARTHEST_M, self::FARTHEST_M), $input->number('y_m', -self::FARTHEST_M, self::FARTHEST_M),
        );

        return new self($input->text('id', 80), $input->choice('kind', FixedKind::class), $input->text('name', 80), $place);
    }

    /** @return array{id: string, kind: string, name: string, x_m: float, y_m: float} */
    public function plain(): array
    {
        return [
            'id' => $this->id, 'kind' => $this->kind->value, 'name' => $this->name, 'x_m' => $this->place->x, 'y_m' => $this->place->y,
        ];
    }

    /** However it was typed. */
    public function isCalled(string $name): bool
    {
        return self::key($this->name) === self::key($name);
    }

    private static function key(string $name): string
    {
        return mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', $name)));
    }
}
