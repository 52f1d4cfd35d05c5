<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Clear;

use Jurvex\Core\Clear\Blockage;
use Jurvex\Core\Clear\Cause;
use Jurvex\Core\Clear\CauseFound;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Input\Input;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CauseTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, ?float, ?Cause}> a finding, its share of the bore, what it shows */
    public static function seen(): iterable
    {
        yield 'roots, however thin' => [['kind' => 'root_threads'], 2.0, Cause::Roots];
        yield 'a low spot that stands high' => [['kind' => 'low_spot', 'to_m' => 8.0], 20.0, Cause::Sag];
        yield 'a shallow one' => [['kind' => 'low_spot', 'to_m' => 8.0], 5.0, null];
        yield 'one that nobody measured' => [['kind' => 'low_spot', 'to_m' => 8.0], null, Cause::Sag];
        yield 'one that was read with the water on' => [['kind' => 'low_spot', 'to_m' => 8.0, 'facts' => ['water' => 'on']], 40.0, null];
        yield 'thick grease' => [['kind' => 'grease'], 25.0, Cause::Grease];
        yield 'a film of it' => [['kind' => 'grease'], 9.9, null];
        yield 'a tenth' => [['kind' => 'scale'], 10.0, Cause::Scale];
        yield 'sediment' => [['kind' => 'sediment'], 30.0, Cause::Silt];
        yield 'a rag' => [['kind' => 'rag'], null, Cause::Cloth];
        yield 'a stone' => [['kind' => 'stone'], null, Cause::Thing];
        yield 'a fitting that is wrong' => [['kind' => 'wrong_fitting'], null, Cause::WrongFitting];
        yield 'an offset' => [['kind' => 'offset_joint'], 15.0, Cause::OffsetJoint];
        yield 'a hole' => [['kind' => 'hole'], null, Cause::Broken];
        yield 'a tie-in' => [['kind' => 'tie_in'], null, null];
    }

    /** @param array<string, mixed> $finding */
    #[DataProvider('seen')]
    public function testWhatTheCameraSawShowsWhy(array $finding, ?float $share, ?Cause $cause): void
    {
        self::assertSame($cause, Cause::seen(Finding::read(new Input(['id' => 'f', 'from_m' => 6.0, ...$finding])), $share));
    }

    public function testWhatCameBackGoesBeforeWhatWasSeenAndWhatWasOnlySaidCountsAlone(): void
    {
        $told = static fn (CauseFound ...$found) => implode(', ', array_map(
            static fn (CauseFound $each) => $each->by->value.' '.$each->cause->value, $found,
        ));
        self::assertSame('', $told(...Cause::found([], [], null)));
        self::assertSame('told grease', $told(...Cause::found([], [], Cause::told(Blockage::HardGrease))));
        self::assertSame('looks sag', $told(...Cause::found([], [Cause::Sag, Cause::Sag], Cause::Grease)));
        self::assertSame(
            'came_back wipes, came_back grease, looks roots, looks sag',
            $told(...Cause::found([Cause::Grease, Cause::Wipes], [Cause::Sag, Cause::Roots, Cause::Grease], Cause::Paper)),
        );
        self::assertNull(Cause::told(Blockage::Unknown));
        self::assertCount(11, array_filter(array_map(Cause::told(...), Blockage::cases())));
    }
}
