<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/** A point of the line map: a fixture, an opening, a junction, a trap, or the outlet. */
final readonly class Node
{
    /**
     * @param string $what code of the fixture or opening; of an outlet, main or tank
     * @param ?Known $level of a fixture's rim, in metres over the same zero for all of the property
     */
    private function __construct(
        public string $id, public NodeKind $kind, public string $what = '', public string $name = '',
        public ?Known $level = null, public ?Mouth $mouth = null,
    ) {
    }

    public static function outlet(string $id, string $what = 'main', string $name = ''): self
    {
        return new self($id, NodeKind::Outlet, $what, $name);
    }

    public static function junction(string $id): self
    {
        return new self($id, NodeKind::Junction);
    }

    public static function trap(string $id): self
    {
        return new self($id, NodeKind::Trap);
    }

    public static function fixture(string $id, FixtureKind $what, string $name, ?Known $level = null): self
    {
        return new self($id, NodeKind::Fixture, $what->value, $name, $level ?? new Known($what->usualLevel()));
    }

    public static function opening(string $id, string $what, string $name, Mouth $mouth): self
    {
        return new self($id, NodeKind::Opening, $what, $name, null, $mouth);
    }

    /** @throws BadInput */
    public static function read(Input $input): self
    {
        $id = $input->text('id', 80);
        $name = $input->optionalText('name', 200);

        return match ($input->choice('kind', NodeKind::class)) {
            NodeKind::Fixture => self::fixture(
                $id,
                $input->choice('what', FixtureKind::class),
                $name,
                Known::read($input, 'level_m', -50, 500),
            ),
            NodeKind::Opening => self::opening($id, $input->text('what', 40), $name, Mouth::read($input->object('mouth'))),
            NodeKind::Junction => self::junction($id),
            NodeKind::Trap => self::trap($id),
            NodeKind::Outlet => self::outlet($id, $input->word('what', 'main', 'tank'), $name),
        };
    }

    /** @return array<string, mixed> */
    public function plain(): array
    {
        return [
            'id' => $this->id, 'kind' => $this->kind->value, 'what' => $this->what, 'name' => $this->name,
            'level_m' => $this->level?->plain(), 'mouth' => $this->mouth?->plain(),
        ];
    }

    public function isPlace(): bool
    {
        return NodeKind::Fixture === $this->kind || NodeKind::Opening === $this->kind;
    }
}
