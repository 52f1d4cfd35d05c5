<?php

declare(strict_types=1);

namespace Jurvex\Core\Ribbon;

use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Finding\Family;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Run\RunRecord;

/** Draws each finding where it is on the clock: roots hang from the wall, deposits lie on the invert, an offset is a step. */
final readonly class ShapeDrawer
{
    private const STRANDS = [Kind::RootThreads->value => 3, Kind::RootCords->value => 5, Kind::RootClump->value => 9];

    public function __construct(private RunRecord $run, private Profile $profile, private Scale $scale)
    {
    }

    public function draw(Finding $finding): ?Shape
    {
        [$paint, $outline] = match ($finding->kind->family()) {
            Family::Roots => ['roots', $this->roots($finding)],
            Family::Water => ['water', $this->water($finding)],
            Family::Joint => $this->joint($finding),
            Family::Wall => $this->wall($finding),
            Family::Deposit => ['deposit', $this->deposit($finding)],
            Family::Object => $this->object($finding),
            Family::Connection => ['pipe', $this->connection($finding)],
            Family::Way => $this->way($finding),
        };

        return '' === $outline ? null : new Shape($paint, $outline);
    }

    private function roots(Finding $finding): string
    {
        $path = new Path();
        $height = $finding->clockFrom?->height() ?? 1.0;
        $y = $this->onClock($finding);
        $way = $height >= -0.4 ? 1 : -1;
        $length = max(12.0, $this->share($finding, 15) * Profile::BORE);
        $strands = self::STRANDS[$finding->kind->value] ?? 5;
        foreach ($this->repeats($finding, 26) as $x) {
            for ($i = 0; $i < $strands; ++$i) {
                $spread = $i - ($strands - 1) / 2;
                $reach = $length * (1 - 0.09 * abs($spread));
                $path->move($x + $spread * 0.8, $y)->curve(
                    $x + $spread * 0.6,
                    $y + $way * $reach * 0.6,
                    $x + $spread * (0 === $i % 2 ? 2.0 : 3.2),
                    $y + $way * $reach,
                );
            }
        }

        return $path->data();
    }

    private function water(Finding $finding): string
    {
        $bore = $this->run->pipeAt($finding->from)->bore?->inMillimetres();
        $depth = null === $bore || 0.0 === $bore ? 0.1 : ($finding->size->value ?? 0.0) / $bore;
        $least = Kind::StandingWater === $finding->kind || $finding->says(Fact::LensUnder)
            ? max(4.0, min(1.0, $depth) * Profile::BORE)
            : 0.0;

        return $this->profile->water($finding->from, $finding->end(), $least);
    }

    /** @return array{string, string} */
    private function joint(Finding $finding): array
    {
        $x = $this->x($finding);
        $invert = $this->profile->invert($finding->from);
        $crown = $this->profile->crown($finding->from);
        if (Kind::OffsetJoint === $finding->kind) {
            $step = max(6.0, $this->share($finding, 10) * Profile::BORE);
            $run = $finding->says(Fact::Facing, 'against_flow') ? 16 : -16;
            [$base, $way] = ($finding->clockFrom?->height() ?? -1.0) > 0.4 ? [$crown, 1] : [$invert, -1];

            return ['step', Path::around([[$x, $base], [$x, $base + $way * $step], [$x + $run, $base]])->data()];
        }
        if (Kind::SeparatedJoint === $finding->kind) {
            $gap = 3.0;
            $path = new Path();
            foreach ([$crown - Profile::WALL, $invert] as $y) {
                $path->move($x - $gap, $y)
                    ->line($x + $gap, $y)
                    ->line($x + $gap, $y + Profile::WALL)
                    ->line($x - $gap, $y + Profile::WALL)
                    ->close();
            }

            return ['gap', $path->data()];
        }
        if (Kind::FailedSeal === $finding->kind) {
            return ['seal', (new Path())->move($x - 3, $crown)->curve($x, $crown + 16, $x + 7, $crown + 20)->data()];
        }

        return ['', ''];
    }

    /** @return array{string, string} */
    private function wall(Finding $finding): array
    {
        [$from, $to] = $this->ends($finding, 9);
        $y = $this->onClock($finding);
        $invert = $this->profile->invert($finding->from);
        $crown = $this->profile->crown($finding->from);

        return match ($finding->kind) {
            Kind::Crack => ['crack', Path::zigzag($from, $to, $y, 3.5, 5)->data()],
            Kind::BrokenPipe, Kind::Hole => ['hole', Path::jagged($from, $to, $y, Kind::Hole === $finding->kind ? 6.0 : 9.0)->data()],
            Kind::WornInvert => ['worn', Path::zigzag($from, $to, $invert + 2, 2, 7)->data()],
            Kind::Blister => ['bulge', $this->bumps($finding, $crown, 8)],
            Kind::OutOfRound => [
                'bulge',
                (new Path())->move($from, $crown)
                    ->curve(($from + $to) / 2, $crown + 26, $to, $crown)
                    ->close()
                    ->move($from, $invert)
                    ->curve(($from + $to) / 2, $invert - 26, $to, $invert)
                    ->close()
                    ->data(),
            ],
            default => [
                'patch',
                Path::around([
                    [$from, $crown - Profile::WALL - 3],
                    [$to, $crown - Profile::WALL - 3],
                    [$to, $crown + 3],
                    [$from, $crown + 3],
                ])->data(),
            ],
        };
    }

    private function deposit(Finding $finding): string
    {
        [$from, $to] = $this->ends($finding, 12);
        $invert = $this->profile->invert($finding->from);
        $crown = $this->profile->crown($finding->from);
        $height = max(5.0, $this->share($finding, 10) * Profile::BORE);
        $lining = \in_array($finding->kind, [Kind::Grease, Kind::Scale], true);
        $endInvert = $this->profile->invert($finding->end());
        $path = $this->mound(new Path(), $from, $invert, $to, $endInvert, $lining ? -$height / 2 : -$height);
        if ($lining) {
            $this->mound($path, $from, $crown, $to, $this->profile->crown($finding->end()), $height / 2);
        }

        return $path->data();
    }

    private function mound(Path $path, float $from, float $fromY, float $to, float $toY, float $height): Path
    {
        $quarter = ($to - $from) / 4;

        return $path->move($from, $fromY)->curve($from + $quarter * 0.4, $fromY + $height, $from + $quarter, $fromY + $height * 0.85)
            ->line($to - $quarter, $toY + $height)->curve($to - $quarter * 0.4, $toY + $height, $to, $toY)->close();
    }

    /** @return array{string, string} */
    private function object(Finding $finding): array
    {
        $x = $this->x($finding);
        $invert = $this->profile->invert($finding->from);
        if (Kind::CrossBore === $finding->kind) {
            $crown = $this->profile->crown($finding->from);

            return [
                'cross',
                Path::around([[$x - 7, $crown - 24], [$x + 7, $crown - 24], [$x + 7, $invert + 20], [$x - 7, $invert + 20]])->data(),
            ];
        }
        $size = max(12.0, $this->share($finding, 25) * Profile::BORE);
        if (Kind::Rag === $finding->kind) {
            return [
                'rag',
                (new Path())->move($x - 13, $invert)
                    ->curve($x - 8, $invert - $size, $x, $invert - $size * 0.5)
                    ->curve($x + 7, $invert - $size * 1.2, $x + 14, $invert)
                    ->close()
                    ->data(),
            ];
        }

        return [
            'object',
            Path::around([
                [$x - 9, $invert], [$x - 11, $invert - $size * 0.6], [$x - 1, $invert - $size],
                [$x + 10, $invert - $size * 0.7], [$x + 9, $invert],
            ])->data(),
        ];
    }

    private function connection(Finding $finding): string
    {
        $x = $this->x($finding);
        $below = ($finding->clockFrom?->height() ?? 1.0) < -0.4;
        $y = $below ? $this->profile->invert($finding->from) + Profile::WALL : $this->profile->crown($finding->from) - Profile::WALL;
        $way = $below ? 1 : -1;
        if (Kind::StubbedHose === $finding->kind) {
            return Path::around([
                [$x - 3, $y + $way * 18],
                [$x + 3, $y + $way * 18],
                [$x + 3, $y - $way * 26],
                [$x - 3, $y - $way * 26],
            ])->data();
        }
        $path = Path::around([[$x + 8, $y], [$x - 8, $y], [$x - 22, $y + $way * 20], [$x - 7, $y + $way * 20]]);
        if (Kind::TieIn !== $finding->kind) {
            $path->move($x - 24, $y + $way * 24)->line($x - 5, $y + $way * 24);
        }

        return $path->data();
    }

    /** @return array{string, string} */
    private function way(Finding $finding): array
    {
        $x = $this->x($finding);
        $top = $this->profile->crown($finding->from) - Profile::WALL;
        $bottom = $this->profile->invert($finding->from) + Profile::WALL;

        return match ($finding->kind) {
            Kind::Transition => [
                'line',
                (new Path())->move($x, $top - 4)
                    ->line($x, $top + Profile::WALL)
                    ->move($x, $bottom - Profile::WALL)
                    ->line($x, $bottom + 4)
                    ->data(),
            ],
            Kind::Bend => ['line', (new Path())->move($x - 9, $top - 5)->line($x, $top - 5)->line($x + 7, $top - 12)->data()],
            Kind::OpeningSeen => ['pipe', Path::around([[$x - 8, $top], [$x - 8, $top - 26], [$x + 8, $top - 26], [$x + 8, $top]])->data()],
            Kind::EndOfLine, Kind::Tap => [
                'end',
                Path::around([[$x - 2, $top - 12], [$x + 3, $top - 12], [$x + 3, $bottom + 12], [$x - 2, $bottom + 12]])->data(),
            ],
            Kind::ShortFall => ['line', (new Path())->move($x - 12, $bottom + 6)->line($x + 12, $bottom + 6)->data()],
            Kind::CannotGoFurther => [
                'stop',
                (new Path())->move($x, $top - 8)
                    ->line($x, $bottom + 8)
                    ->move($x - 5, $top + 30)
                    ->line($x + 5, $top + 42)
                    ->move($x + 5, $top + 30)
                    ->line($x - 5, $top + 42)
                    ->data(),
            ],
            default => ['', ''],
        };
    }

    private function x(Finding $finding): float
    {
        return $this->scale->x($finding->from);
    }

    /** @return array{float, float} left and right end, at least so far either side of the middle */
    private function ends(Finding $finding, float $least): array
    {
        $from = $this->x($finding);
        $to = $this->scale->x($finding->end());
        $middle = ($from + $to) / 2;

        return [min($from, $to, $middle - $least), max($from, $to, $middle + $least)];
    }

    /** @return list<float> places for something drawn again and again along a stretch */
    private function repeats(Finding $finding, float $apart): array
    {
        [$from, $to] = $this->ends($finding, 0);
        $count = max(1, (int) floor(($to - $from) / $apart));
        $places = [];
        for ($i = 0; $i < $count; ++$i) {
            $places[] = $from + ($to - $from) * ($i + 0.5) / $count;
        }

        return $places;
    }

    private function onClock(Finding $finding): float
    {
        $height = $finding->clockFrom?->height() ?? 1.0;

        return $this->profile->invert($finding->from) - Profile::BORE * (1 + $height) / 2;
    }

    /** The finding's size as share of the bore, 0 to 1. */
    private function share(Finding $finding, float $unknownPercent): float
    {
        return ($finding->percentOf($this->run->pipeAt($finding->from)->bore) ?? $unknownPercent) / 100;
    }

    private function bumps(Finding $finding, float $y, float $height): string
    {
        $path = new Path();
        foreach ($this->repeats($finding, 16) as $x) {
            $path->move($x - 7, $y)->curve($x, $y + 2 * $height, $x + 7, $y)->close();
        }

        return $path->data();
    }
}
