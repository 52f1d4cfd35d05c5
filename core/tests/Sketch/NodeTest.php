<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Sketch;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Sketch\Known;
use Jurvex\Core\Sketch\Mouth;
use Jurvex\Core\Sketch\Node;
use PHPUnit\Framework\TestCase;

final class NodeTest extends TestCase
{
    public function testNoTextOfAnOpeningIsLongerThanItMayBe(): void
    {
        foreach (['what' => 40, 'name' => 200] as $field => $most) {
            $plain = Node::opening('yard', 'cleanout', 'Yard', new Mouth(new Known(102.0)))->plain();
            $longest = str_repeat('x', $most);
            self::assertSame($longest, Node::read(new Input([...$plain, $field => $longest]))->{$field});
            try {
                Node::read(new Input([...$plain, $field => $longest.'x']));
                self::fail($field.' of '.($most + 1).' letters was taken');
            } catch (BadInput $refused) {
                self::assertStringEndsWith($field, $refused->at);
            }
        }
    }
}
