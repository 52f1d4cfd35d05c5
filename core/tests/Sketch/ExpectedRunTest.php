<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Sketch;

use Jurvex\Core\Run\Travel;
use Jurvex\Core\Sketch\ExpectedRun;
use Jurvex\Core\Sketch\Known;
use Jurvex\Core\Sketch\Mouth;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\RunWay;
use Jurvex\Core\Sketch\Sketch;
use PHPUnit\Framework\TestCase;

final class ExpectedRunTest extends TestCase
{
    public function testNothingTiesInWhereOnePipeAloneComesIn(): void
    {
        $nodes = [Node::outlet('main'), Node::junction('joint'), Node::opening('hatch', 'cleanout', '', new Mouth(new Known(102.0)))];
        $sketch = new Sketch($nodes, [
            new Pipe('upper', 'hatch', 'joint', new Known(4.0), new Known(102.0)),
            new Pipe('lower', 'joint', 'main', new Known(6.0), new Known(102.0)),
        ]);
        $run = ExpectedRun::on($sketch, RunWay::along($sketch, 'hatch', Travel::Downstream)) ?? self::fail('no way');
        self::assertSame(10.0, $run->length()->metres);
        self::assertSame([], $run->findings);
    }
}
