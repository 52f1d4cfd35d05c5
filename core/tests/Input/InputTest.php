<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Input;

use Jurvex\Core\Finding\Sureness;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class InputTest extends TestCase
{
    public function testValuesAreReadWithTheirTypes(): void
    {
        $input = new Input([
            'length_m' => 5, 'name' => 'yard', 'steers' => true, 'how' => 'likely', 'pump' => ['flow' => 45.5],
            'hoses' => [['bore' => 9], ['bore' => 13]],
        ]);
        self::assertSame(5.0, $input->number('length_m'));
        self::assertSame('yard', $input->text('name'));
        self::assertTrue($input->flag('steers'));
        self::assertFalse($input->flag('not_there'));
        self::assertSame(Sureness::Likely, $input->choice('how', Sureness::class));
        self::assertSame('likely', $input->word('how', 'sure', 'likely'));
        self::assertSame(45.5, $input->object('pump')->number('flow'));
        self::assertSame([9.0, 13.0], array_map(static fn (Input $hose) => $hose->number('bore'), $input->objects('hoses')));
        self::assertNull($input->optionalNumber('not_there'));
        self::assertNull($input->optionalChoice('not_there', Sureness::class));
        self::assertSame('', $input->optionalText('not_there'));
        self::assertSame([], $input->map('not_there'));
    }

    /** @return list<array{\Closure(Input): mixed, string, string}> what is asked, the code, the place */
    public static function refusals(): array
    {
        return [
            [static fn (Input $input) => $input->number('none'), 'missing', 'none'],
            [static fn (Input $input) => $input->number('empty'), 'missing', 'empty'],
            [static fn (Input $input) => $input->number('word'), 'not_a_number', 'word'],
            [static fn (Input $input) => $input->number('numeral'), 'not_a_number', 'numeral'],
            [static fn (Input $input) => $input->number('endless'), 'out_of_range', 'endless'],
            [static fn (Input $input) => $input->number('minus', 0), 'out_of_range', 'minus'],
            [static fn (Input $input) => $input->number('ten', 0, 9.9), 'out_of_range', 'ten'],
            [static fn (Input $input) => $input->positive('zero'), 'out_of_range', 'zero'],
            [static fn (Input $input) => $input->text('ten'), 'not_text', 'ten'],
            [static fn (Input $input) => $input->text('word', 2), 'too_long', 'word'],
            [static fn (Input $input) => $input->flag('word'), 'not_yes_or_no', 'word'],
            [static fn (Input $input) => $input->choice('word', Sureness::class), 'unknown_value', 'word'],
            [static fn (Input $input) => $input->choice('ten', Sureness::class), 'unknown_value', 'ten'],
            [static fn (Input $input) => $input->word('word', 'one', 'other'), 'unknown_value', 'word'],
            [static fn (Input $input) => $input->object('word'), 'unknown_value', 'word'],
            [static fn (Input $input) => $input->objects('mixed'), 'unknown_value', 'mixed.1'],
            [static fn (Input $input) => $input->objects('nested')[1]->object('inner')->number('bore'), 'missing', 'nested.1.inner.bore'],
        ];
    }

    /** @param \Closure(Input): mixed $ask */
    #[DataProvider('refusals')]
    public function testWhatIsMissingOrWrongIsRefusedWithItsPath(\Closure $ask, string $reason, string $at): void
    {
        $input = new Input([
            'empty' => '', 'word' => 'far', 'numeral' => '5', 'endless' => \INF, 'minus' => -1, 'ten' => 10,
            'zero' => 0, 'mixed' => [[], 'x'], 'nested' => [[], ['inner' => ['depth' => 1]]],
        ]);
        try {
            $ask($input);
            self::fail('It was taken.');
        } catch (BadInput $refused) {
            self::assertSame([$reason, $at], [$refused->reason, $refused->at]);
        }
    }

    public function testARefusalSaysWhatWasAllowed(): void
    {
        try {
            (new Input(['how' => 'perhaps']))->word('how', 'clear', 'likely');
        } catch (BadInput $refused) {
            self::assertSame(['choices' => 'clear, likely'], $refused->allowed);
        }
        try {
            (new Input(['share' => 120]))->number('share', 0, 100);
        } catch (BadInput $refused) {
            self::assertSame(['least' => 0.0, 'most' => 100.0], $refused->allowed);
        }
    }

    public function testListsOfNumbersAndWholeNumbersAreReadOrRefusedWhereTheyAre(): void
    {
        self::assertSame([38.0, 64.5], (new Input(['cutters' => [38, 64.5]]))->positives('cutters'));
        self::assertSame([], (new Input(['cutters' => []]))->positives('cutters'));
        self::assertSame(3, (new Input(['count' => 3.0]))->wholeNumber('count', 0));
        foreach ([
            [['cutters' => [38, 0]], 'cutters.1', 'out_of_range'],
            [['cutters' => [38, 'wide']], 'cutters.1', 'not_a_number'],
            [['cutters' => 'wide'], 'cutters', 'unknown_value'],
            [[], 'cutters', 'missing'],
        ] as [$given, $at, $reason]) {
            try {
                (new Input($given))->positives('cutters');
                self::fail('It was taken.');
            } catch (BadInput $refused) {
                self::assertSame([$reason, $at], [$refused->reason, $refused->at]);
            }
        }
        foreach ([2.5, -1, 1e12] as $count) {
            try {
                (new Input(['count' => $count]))->wholeNumber('count', 0);
                self::fail('It was taken.');
            } catch (BadInput $refused) {
                self::assertSame(['out_of_range', 'count'], [$refused->reason, $refused->at]);
            }
        }
    }
}
