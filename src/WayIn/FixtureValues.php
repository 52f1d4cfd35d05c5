<?php

declare(strict_types=1);

namespace App\WayIn;

use Jurvex\Core\Sketch\FixtureKind;
use Jurvex\Core\Sketch\Known;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\Source;
use Symfony\Component\Validator\Constraints as Assert;

/** A fixture as it stands in its form. */
final class FixtureValues
{
    #[Assert\NotNull(message: 'error.choose')]
    public FixtureKind $what = FixtureKind::Unknown;

    #[Assert\Length(max: 200, maxMessage: 'error.too_long')]
    public string $name = '';

    /** Of its rim; lower than the ground floor is under nought. */
    #[Assert\NotNull(message: 'error.distance_missing'), Assert\Range(notInRangeMessage: 'error.level_range', min: -50, max: 500)]
    public ?float $level = null;

    public Source $levelSource = Source::Guessed;

    public static function of(Node $node): self
    {
        $values = new self();
        [$values->what, $values->name, $values->level, $values->levelSource] = [
            FixtureKind::from($node->what),
            $node->name,
            $node->level?->value,
            $node->level->source ?? Source::Guessed,
        ];

        return $values;
    }

    public function on(Node $node): Node
    {
        $level = $this->level ?? 0.0;
        $isAltered = abs($level - ($node->level->value ?? 0.0)) > 1e-6;

        return Node::fixture(
            $node->id,
            $this->what,
            trim($this->name),
            new Known($level, $isAltered && Source::Guessed === $this->levelSource ? Source::Told : $this->levelSource),
        );
    }
}
