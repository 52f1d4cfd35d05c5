<?php

declare(strict_types=1);

namespace App\WayIn;

use Jurvex\Core\Plan\PlanPipe;
use Jurvex\Core\Sketch\Joins;
use Jurvex\Core\Sketch\NodeKind;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\SeenMap;
use Jurvex\Core\Sketch\Source;

/** What is drawn alike all over a line map, put together so that a large map stays a small drawing: outlines by paint. */
final readonly class PlanLayers
{
    private const LEAST_FOR_ARROW = 34.0;
    private const LABEL_OVER = 13.0;

    public function __construct(private MapView $view)
    {
    }

    /** @return array<string, string> walls of the pipes whose length is known, and of those whose is guessed */
    public function walls(): array
    {
        return $this->gathered(
            fn (PlanPipe $drawn) => $this->view->sketch->pipes[$drawn->id]->length->source->isKnown() ? 'known' : 'guess',
            static fn (PlanPipe $drawn) => $drawn->line,
        );
    }

    /** @return array<string, string> bores by group of material */
    public function bores(): array
    {
        return $this->gathered(
            fn (PlanPipe $drawn) => $this->view->sketch->pipes[$drawn->id]->material->group(),
            static fn (PlanPipe $drawn) => $drawn->line,
        );
    }

    /** @return array<string, string> arrows with the flow, breaks in what is not to scale, signs of stacks, bends */
    public function signs(): array
    {
        $signs = ['flow' => '', 'stretched' => '', 'upright' => '', 'bend' => '', 'bend guess' => ''];
        foreach ($this->view->plan->pipes as $drawn) {
            $pipe = $this->view->sketch->pipes[$drawn->id];
            $middle = round(($drawn->left + $drawn->right) / 2, 1);
            $y = $drawn->y;
            if ($drawn->right - $drawn->left > self::LEAST_FOR_ARROW) {
                $signs['flow'] .= 'M'.($middle - 3).' '.($y - 4).'l5 4-5 4';
            }
            if ($drawn->stretched) {
                $signs['stretched'] .= 'M'.($middle - 3).' '.($y - 6).'l-3 12M'.($middle + 3).' '.($y - 6).'l-3 12';
            }
            if ($pipe->isUpright()) {
                $signs['upright'] .= 'M'.($drawn->left + 6).' '.($y - 8).'v-8m-3 5l3 4 3-4';
            }
            foreach ($pipe->bends as $bend) {
                $signs[$bend->source->isKnown() ? 'bend' : 'bend guess'] .= 'M'.$drawn->x(
                    $bend->at,
                    $pipe->length->value,
                ).' '.($y - 6).'l4 6-4 6-4-6z';
            }
        }

        return array_filter($signs);
    }

    /** @return array<string, string> what was seen and how, under each pipe */
    public function sights(SeenMap $seen): array
    {
        $sights = [];
        foreach ($this->view->plan->pipes as $drawn) {
            $length = $this->view->sketch->pipes[$drawn->id]->length->value;
            foreach ($seen->spans[$drawn->id] as $span) {
                $sights[$span->sight->value] = ($sights[$span->sight->value] ?? '').'M'
                    .$drawn->x($span->from->metres, $length).' '.($drawn->y + 8.5).'H'
                    .$drawn->x($span->to->metres, $length);
            }
        }

        return $sights;
    }

    /** @return array<string, string> dots of the junctions: those where all that joins is proved, and those where it is assumed */
    public function dots(): array
    {
        $dots = [];
        $sketch = $this->view->sketch;
        foreach ($this->view->plan->nodes as $drawn) {
            if (NodeKind::Junction === $sketch->nodes[$drawn->id]->kind) {
                $assumed = array_filter(
                    $sketch->above($drawn->id),
                    static fn (Pipe $pipe) => Joins::Straight !== $pipe->joins && Source::Proved !== $pipe->tied,
                );
                $paint = [] === $assumed ? 'proved' : 'assumed';
                $r = $drawn->isTop ? 6 : 4;
                $dots[$paint] = ($dots[$paint] ?? '').'M'.($drawn->x - $r).' '.$drawn->y.'a'.$r.' '.$r.' 0 1 0 '
                    .(2 * $r).' 0a'.$r.' '.$r.' 0 1 0 '.(-2 * $r).' 0z';
            }
        }

        return $dots;
    }

    /**
     * Plain rows, which a template reads far faster than objects.
     *
     * @return list<array{id: string, line: string, label: ?string, x: float, y: float, name: string, left: ?string, right: ?string}>
     */
    public function pipes(): array
    {
        return array_map(
            fn (PlanPipe $drawn) => [
                'id' => $drawn->id, 'line' => $drawn->line, 'label' => $drawn->label,
                'x' => round(($drawn->left + $drawn->right) / 2, 1), 'y' => $drawn->y - self::LABEL_OVER,
                'name' => $this->view->names[$drawn->id], 'left' => $this->view->left($drawn->id),
                'right' => $this->view->right($drawn->id),
            ],
            $this->view->plan->pipes,
        );
    }

    /**
     * Where numbers for pipes stand, in the order of the pipes that are given.
     *
     * @param list<string> $ids
     *
     * @return list<array{x: float, y: float}>
     */
    public function badges(array $ids): array
    {
        $badges = [];
        foreach ($this->view->plan->pipes as $drawn) {
            $place = array_search($drawn->id, $ids, true);
            if (false !== $place) {
                $badges[$place] = ['x' => round(($drawn->left + $drawn->right) / 2, 1), 'y' => $drawn->y];
            }
        }
        ksort($badges);

        return array_values($badges);
    }

    /**
     * @return list<array{
     *     id: string, kind: string, x: float, y: float, foot: ?float, label: string, name: string, left: ?string,
     *     right: ?string, blocked: bool,
     * }> all but the outlet
     */
    public function nodes(): array
    {
        $rows = [];
        foreach ($this->view->plan->nodes as $drawn) {
            $node = $this->view->sketch->nodes[$drawn->id];
            if (NodeKind::Outlet !== $node->kind) {
                $rows[] = [
                    'id' => $drawn->id, 'kind' => $node->kind->value, 'x' => $drawn->x, 'y' => $drawn->y,
                    'foot' => $drawn->footY, 'label' => $node->isPlace() || $drawn->isTop ? $drawn->label : '',
                    'name' => $this->view->names[$drawn->id], 'left' => $this->view->left($drawn->id),
                    'right' => $this->view->right($drawn->id),
                    'blocked' => false === $node->mouth?->ready || false === $node->mouth?->leave,
                ];
            }
        }

        return $rows;
    }

    /**
     * @param \Closure(PlanPipe): string $paint
     * @param \Closure(PlanPipe): string $outline
     *
     * @return array<string, string>
     */
    private function gathered(\Closure $paint, \Closure $outline): array
    {
        $layers = [];
        foreach ($this->view->plan->pipes as $drawn) {
            $layers[$paint($drawn)] = ($layers[$paint($drawn)] ?? '').$outline($drawn);
        }

        return $layers;
    }
}
