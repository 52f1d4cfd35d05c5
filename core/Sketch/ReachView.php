<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\LineMap\Access;
use Jurvex\Core\LineMap\Drains;
use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\Measure\Length;

/** A line map as a tool meets it. */
final readonly class ReachView
{
    public function __construct(private Sketch $sketch)
    {
    }

    /** @throws \LogicException while there is no pipe */
    public function drains(): Drains
    {
        $branches = $traps = [];
        foreach ($this->sketch->pipes as $pipe) {
            $branch = $pipe->branch();
            if (null !== $branch) {
                $branches[$pipe->id] = $branch;
            }
        }
        foreach ($this->sketch->nodes as $node) {
            if (NodeKind::Trap === $node->kind) {
                $traps[$node->id] = true;
            }
        }

        return new Drains($this->sketch->tree() ?? throw new \LogicException('A map without a pipe has no drains.'), $branches, $traps);
    }

    /** How a tool enters at a node: by its opening, or as if one were made there. */
    public function access(Node $node): Access
    {
        $mouth = $node->mouth;
        if (null === $mouth) {
            $bores = array_map(
                static fn (Pipe $pipe) => $pipe->bore->value,
                array_filter([$this->sketch->below($node->id), ...$this->sketch->above($node->id)]),
            );

            return new Access(
                $node->id, Length::millimetres(max([20.0, ...$bores])), Faces::Both, Length::metres(0), 0.0,
                Length::metres(0),
            );
        }

        return new Access(
            $node->id, Length::millimetres($mouth->size->value), $mouth->faces, Length::metres($mouth->drop->value),
            $mouth->bendDegrees, Length::millimetres($mouth->radius), $mouth->trap,
        );
    }
}
