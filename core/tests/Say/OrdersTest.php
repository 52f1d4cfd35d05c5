<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Calc\SayCalculation;
use Jurvex\Core\Input\Input;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** In whatever order names and places are said, without a comma, a name is at its place, in feet as in metres. */
final class OrdersTest extends TestCase
{
    private const NAMES = [
        'crack' => 'a crack at the top', 'root_cords' => 'some roots', 'offset_joint' => 'a slight offset', 'tie_in' => 'a wye',
        'hole' => 'a hole', 'bend' => 'a sweep', 'rag' => 'a rag',
    ];
    private const STRETCHES = ['low_spot' => 'a belly', 'grease' => 'grease', 'scale' => 'heavy scale', 'crack' => 'a crack'];
    private const PLACES = [11, 24, 38];
    private const NUMBERS = [
        11 => 'eleven', 13 => 'thirteen', 24 => 'twenty four', 26 => 'twenty six', 38 => 'thirty eight', 39 => 'thirty nine',
    ];
    private const METRES = ['feet' => 0.3048, 'metres' => 1.0];

    /** @return iterable<string, array{string, string}> words for a, b and c at A, B and C; and which is where, if not each at its own */
    public static function orders(): iterable
    {
        $orders = [
            'at {A} there\'s {a} and at {B} there\'s {b}', 'there\'s {a} at {A} and {b} at {B}', '{a} at {A} {b} at {B} {c} at {C}',
            '{A} we got {a} {B} we got {b}', 'so here\'s {a} that\'s at {A} and here\'s {b} that\'s at {B}',
            'you can see {a} right there at {A} and then as we go on you see {b} at {B}',
            'okay so {A} there\'s {a} {B} there\'s {b}', 'here we go {a} that\'s {A} keep pushing {b} that\'s {B}',
            'the first one\'s {a} and it\'s at {A} the next one is {b} and it\'s at {B}',
            '{a} is at {A} {b} is at {B} and {c} is at {C}', 'i hit {a} at {A} got past it and hit {b} at {B}',
            '{A} {a} {B} {b} {C} {c}', 'right here we have {a} this is at {A} moving forward we have {b} this is at {B}',
            'i got {a} {A} out then {b} {B} out', 'what\'s happening at {A} is {a} and what\'s happening at {B} is {b}',
            '{A} okay that\'s {a} there {B} okay that\'s {b} there', 'looking at {a} at the {A} mark and {b} at the {B} mark',
            'then {A} down the line is {a} and {B} down the line is {b}',
            'at {A} we come to {a} and it\'s what you\'d expect and after that we get to {B} and we\'ve got {b}',
            'this is {a} it\'s {A} out and i\'d watch that and then this is {b} it\'s {B} out',
            'we\'re at {A} there\'s {a} we\'re at {B} there\'s {b}', '{A} looks good and at {B} we have {b} and {C} looks good =b@B',
            'everything\'s good until {B} where we find {b} =b@B',
            'at {A} you\'ve got {a} and then another one at {B} and at {C} there\'s {c} =a@A a@B c@C',
            'at {A} there\'s {a} along with {b} and at {C} we\'ve got {c} =a@A b@A c@C',
            'there\'s {a} and {b} both at {A} and there\'s {c} at {C} =a@A b@A c@C',
            'at {A} there\'s {a} at the same spot there\'s {b} and then at {C} there\'s {c} =a@A b@A c@C',
            'at {A} at {B} at {C} there\'s {a} at each of those =a@A a@B a@C',
            'i\'m showing {A} and there\'s {a} i\'m showing {B} and there\'s {b}',
            'we\'re out {A} and there\'s {a} we\'re out {B} and there\'s {b}', 'by {A} there\'s {a} and by {B} there\'s {b}',
            'here we are at {A} and that\'s {a} here we are at {B} and that\'s {b}', 'got {a} here {A} okay got {b} here {B}',
            'you got {a} right about {A} and then you got {b} right about {B}', '{A} in we\'ve got {a} {B} in we\'ve got {b}',
            'next thing is {a} at {A} and the next thing is {b} at {B}', 'there\'s {a} there {A} okay there\'s {b} there {B}',
        ];
        foreach ($orders as $order) {
            [$said, $where] = [...explode(' =', $order), ''];
            $usual = 'a@A b@B'.(str_contains($said, '{c}') ? ' c@C' : '');
            yield $order => [$said, '' === $where ? $usual : $where];
        }
    }

    #[DataProvider('orders')]
    public function testANameIsAtItsPlace(string $said, string $where): void
    {
        foreach (array_keys(self::NAMES) as $i => $kind) {
            $kinds = [...\array_slice(array_keys(self::NAMES), $i), ...array_keys(self::NAMES)];
            $wanted = array_map(
                static fn (string $each) => $kinds[\ord($each[0]) - \ord('a')].' '.self::PLACES[\ord($each[2]) - \ord('A')],
                explode(' ', $where),
            );
            foreach (self::METRES as $unit => $metres) {
                $words = $said;
                foreach (self::PLACES as $number => $place) {
                    $letter = 'abc'[$number];
                    $words = str_replace('{'.$letter.'}', self::NAMES[$kinds[$number]], $words);
                    $words = str_replace('{'.strtoupper($letter).'}', self::NUMBERS[$place].' '.$unit, $words);
                }
                self::assertEqualsCanonicalizing($wanted, self::read($words, $unit, $metres), $words);
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function stretches(): iterable
    {
        $stretches = [
            'at {A} there\'s {a} and it goes to {B}', 'there\'s {a} from {A} to {B}', '{a} starts at {A} and ends at {B}',
            '{A} there\'s {a} and it runs all the way to {B}', 'at {A} we get into {a} and we\'re in it until {B}',
            '{a} begins at {A} okay and then it ends at {B}', '{A} {a} starts {B} {a} ends',
            'at {A} it\'s {a} and it stays like that till {B}', 'so {a} starts right here at {A} and then we come out of it at {B}',
            '{a} here from {A} all the way up to {B}', 'so from {A} on there\'s {a} until you get to {B}',
            'okay at {A} {a} and then it clears up at {B}', 'at {A} there\'s the start of {a} and the end of it is at {B}',
        ];
        foreach ($stretches as $stretch) {
            yield $stretch => [$stretch];
        }
    }

    #[DataProvider('stretches')]
    public function testWhatStretchesEndsWhereThatIsSaid(string $said): void
    {
        foreach (self::STRETCHES as $kind => $name) {
            foreach (self::METRES as $unit => $metres) {
                $words = strtr($said, ['{a}' => $name, '{A}' => self::NUMBERS[13].' '.$unit, '{B}' => self::NUMBERS[26].' '.$unit]);
                self::assertSame([$kind.' 13-26'], self::read($words, $unit, $metres), $words);
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function marks(): iterable
    {
        $marks = [
            'so the camera\'s at {A} and the locator says {d}', 'i\'m at {A} and it\'s {d} deep right here', 'mark at {A} depth {d}',
            'at {A} we marked it in the yard and it\'s {d} deep', 'depth at {A} is {d}', 'i\'ll mark this spot {A} out and {d} down',
            'the sonde\'s at {A} and it\'s reading {d}', 'locator shows {d} deep and the counter\'s at {A}',
            '{A} on the counter {d} on the locator', 'this is at {A} and it\'s about {d} to the top of the pipe',
            'the pipe is {d} deep at {A}', 'put a flag at {A} and it\'s {d} deep',
        ];
        foreach ($marks as $mark) {
            yield $mark => [$mark];
        }
    }

    #[DataProvider('marks')]
    public function testAMarkHasItsPlaceAndItsDepth(string $said): void
    {
        foreach (['feet' => 'four foot two', 'metres' => 'one metre twenty seven'] as $unit => $depth) {
            $words = strtr($said, ['{A}' => self::NUMBERS[39].' '.$unit, '{d}' => $depth]);
            self::assertSame(['mark 39 1.27 deep'], self::read($words, $unit, self::METRES[$unit]), $words);
        }
    }

    /** @return list<string> the kinds with their places in the unit */
    private static function read(string $words, string $unit, float $metres): array
    {
        $cues = [['from_s' => 0.0, 'to_s' => 15.0, 'text' => $words]];
        $input = new Input(['units' => 'feet' === $unit ? 'feet' : 'metric', 'cues' => $cues]);

        $read = [];
        foreach ((new SayCalculation())->calculate($input)['entries'] as $entry) {
            $to = isset($entry['to_m']) ? '-'.round($entry['to_m'] / $metres, 1) : '';
            $deep = isset($entry['depth_m']) ? " {$entry['depth_m']} deep" : '';
            $read[] = $entry['kind'].' '.round(($entry['from_m'] ?? -1) / $metres, 1).$to.$deep;
        }

        return $read;
    }
}
