<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Sketch;

use Jurvex\Core\Measure\Length;
use Jurvex\Core\Reach\JetHose;
use Jurvex\Core\Reach\Rig;
use Jurvex\Core\Reach\Stopped;
use Jurvex\Core\Reach\Winch;
use Jurvex\Core\Sketch\Known;
use Jurvex\Core\Sketch\Mouth;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\ReachOption;
use PHPUnit\Framework\TestCase;

final class ReachOptionTest extends TestCase
{
    private const LIMIT_N = 100.0;

    public function testItWorksWhereItArrivesComesOutAgainAndNothingStandsBeforeTheOpening(): void
    {
        $rig = new Rig('hose', new JetHose(60, 2, 0.5, 0.3, Length::metres(90), null), true, true, new Winch(0.5, 0.3), 2.0, self::LIMIT_N);
        $mouths = [[true, true, false], [false, true, true], [true, false, true], [false, false, true]];
        foreach ([null, Stopped::LockUp] as $by) {
            foreach ([[null, false], [self::LIMIT_N - 1, true], [self::LIMIT_N, true], [self::LIMIT_N + 1, false]] as [$pull, $comesOut]) {
                foreach ($mouths as [$ready, $leave, $isBlocked]) {
                    $mouth = new Mouth(new Known(102), ready: $ready, leave: $leave);
                    $option = new ReachOption(Node::opening('yard', 'cleanout', '', $mouth), $rig, 12.0, 0.0, $by, $pull);
                    $gets = null === $by && $comesOut;
                    self::assertSame(
                        [null === $by, $comesOut, $isBlocked, $gets && $isBlocked, $gets && !$isBlocked],
                        [$option->arrives(), $option->comesOut(), $option->isBlocked(), $option->wouldWork(), $option->works()],
                    );
                }
            }
        }
    }
}
