<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Say\Amounts;
use Jurvex\Core\Say\Lexicon;
use Jurvex\Core\Say\Speech;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NumbersTest extends TestCase
{
    /** @return list<array{string, float, string}> words, value in metres or as it is, unit */
    public static function amounts(): array
    {
        $foot = 0.3048;
        $inch = 0.0254;

        return [
            ['26 feet', 26 * $foot, 'large'], ['twenty-six feet', 26 * $foot, 'large'], ['26ft', 26 * $foot, 'large'],
            ['nine and a half feet', 9.5 * $foot, 'large'], ['5 foot 9', 5.75 * $foot, 'large'], ['3\' 8"', 3 * $foot + 8 * $inch, 'large'],
            ['eight feet six inches', 8.5 * $foot, 'large'], ['a hundred and four feet', 104 * $foot, 'large'],
            ['one hundred twelve feet', 112 * $foot, 'large'], ['one twenty feet', 120 * $foot, 'large'],
            ['one oh five feet', 105 * $foot, 'large'],
            ['12.4 metres', 12.4, 'large'], ['12,4 m', 12.4, 'large'], ['twelve point five metres', 12.5, 'large'],
            ['twelve point two five metres', 12.25, 'large'], ['ten point oh five metres', 10.05, 'large'],
            ['ten point fifteen metres', 10.15, 'large'], ['point nine metres', 0.9, 'large'], ["seventeen's", 17, 'none'],
            ['a foot', $foot, 'large'], ['five feet and six inches', 5.5 * $foot, 'large'], ['99 feet', 99 * $foot, 'large'],
            ['ninety nine feet', 99 * $foot, 'large'],
            ['an inch and a quarter', 1.25 * $inch, 'small'], ['half an inch', 0.5 * $inch, 'small'],
            ['three quarters of an inch', 0.75 * $inch, 'small'],
            ['1/4 inch', 0.25 * $inch, 'small'], ['1 1/2 inches', 1.5 * $inch, 'small'], ['1½"', 1.5 * $inch, 'small'],
            ['a good inch', $inch, 'small'],
            ['a couple of inches', 2 * $inch, 'small'], ['40 mm', 0.04, 'small'], ['to inch', 2 * $inch, 'small'],
            ['thirty for foot', 34 * $foot, 'large'],
            ['20 percent', 20, 'percent'], ['ninety degrees', 90, 'degrees'], ["3 o'clock", 3, 'clock'], ['2,500', 2500, 'none'],
            ['three quarters', 0.75, 'none'], ['forty two', 42, 'none'],
        ];
    }

    #[DataProvider('amounts')]
    public function testAnAmountIsReadAsItIsSaid(string $said, float $value, string $unit): void
    {
        $lexicon = Lexicon::of('en');
        $words = Speech::written($said, $lexicon)->words;
        $first = 'a couple of inches' === $said ? 1 : 0;
        $amount = (new Amounts($words, $lexicon))->at($first);
        self::assertNotNull($amount);
        self::assertEqualsWithDelta($value, $amount->value, 1e-9);
        self::assertSame([$unit, \count($words) - 1], [$amount->unit->value, $amount->last]);
    }

    public function testWhatComesBehindANumberIsNoPartOfIt(): void
    {
        $lexicon = Lexicon::of('en');
        foreach ([
            'seven point eight eight point three' => 7.8, 'ten point five two inches' => 10.5, 'ten point five two percent' => 10.5,
            'fourteen oh there is a root' => 14.0, 'twenty point oh a crack' => 20.0,
        ] as $said => $value) {
            $amount = (new Amounts(Speech::written($said, $lexicon)->words, $lexicon))->at(0);
            self::assertEqualsWithDelta($value, $amount?->value, 1e-9, $said);
        }
    }

    public function testAnotherLanguageCountsInItsOwnWay(): void
    {
        $lexicon = Lexicon::of('es');
        $foot = 0.3048;
        foreach ([
            ['treinta y dos metros', 32, 'large'], ['doscientos diez pies', 210 * $foot, 'large'],
            ['ciento cuatro pies', 104 * $foot, 'large'],
            ['doce coma cuatro metros', 12.4, 'large'], ['12,4 m', 12.4, 'large'], ['seis metros con veinte', 6.2, 'large'],
            ['siete con cuarenta', 7.4, 'none'], ['trece con dos', 13.2, 'none'], ['tres metros y medio', 3.5, 'large'],
            ['media pulgada', 0.0127, 'small'], ['un cuarto de pulgada', 0.00635, 'small'],
            ['cinco pies cuatro', 5 * $foot + 4 * 0.0254, 'large'],
            ['veinte por ciento', 20, 'percent'], ['trescientos', 300, 'none'], ['cien pies', 100 * $foot, 'large'],
        ] as [$said, $value, $unit]) {
            $words = Speech::written($said, $lexicon)->words;
            $amount = (new Amounts($words, $lexicon))->at(0);
            self::assertNotNull($amount, $said);
            self::assertEqualsWithDelta($value, $amount->value, 1e-9, $said);
            self::assertSame([$unit, \count($words) - 1], [$amount->unit->value, $amount->last], $said);
        }
        $words = Speech::written('grietas a las tres', $lexicon)->words;
        self::assertSame('clock', (new Amounts($words, $lexicon))->at(3)?->unit->value);
        $words = Speech::written('un veinte por ciento', $lexicon)->words;
        self::assertSame(20.0, (new Amounts($words, $lexicon))->at(1)?->value);
    }

    public function testEveryNumberIsReadAsItIsSpelledOut(): void
    {
        foreach (['en' => 'feet', 'es' => 'metros'] as $language => $unit) {
            $lexicon = Lexicon::of($language);
            $spelled = new \NumberFormatter($language, \NumberFormatter::SPELLOUT);
            foreach (range(2, 399) as $number) {
                $said = $spelled->format($number).' '.$unit;
                $words = Speech::written($said, $lexicon)->words;
                $amount = (new Amounts($words, $lexicon))->at(0);
                self::assertEqualsWithDelta($number, ($amount->value ?? 0.0) / ($amount->each ?? 1.0), 1e-9, $said);
            }
        }
    }

    public function testWordsThatSoundLikeNumbersCountBeforeAUnitOnly(): void
    {
        $lexicon = Lexicon::of('en');
        foreach (['to the main', 'for a while', 'in to it', 'the crack', 'inches'] as $said) {
            self::assertNull((new Amounts(Speech::written($said, $lexicon)->words, $lexicon))->at(0), $said);
        }
    }
}
