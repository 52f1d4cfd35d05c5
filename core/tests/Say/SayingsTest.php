<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Tests\Lines;
use PHPUnit\Framework\TestCase;

/** How the trade names what it sees, a line of sayings for each kind, and what it talks about that is no finding. */
final class SayingsTest extends TestCase
{
    use TellsNarrations;

    private const AROUND = [
        'so at twenty feet %s and then', 'twenty feet here %s okay', 'and we keep going and %s right there at twenty feet so',
    ];
    private const NOWHERE = [
        'okay so there is some paint in the pipe and then %s and we keep on going', 'alright and right here %s and it is good after that',
        'so we have some paint in here and I keep pushing and %s and so on', 'so as you can see %s and so we will keep pushing',
    ];
    private const NAMES = ['mark', 'reached', 'opening_seen', 'tap', 'end_of_line', 'tie_in', 'transition', 'construction_debris'];
    /** One of so many. */
    private const MISREAD_OF = 40;
    private const PLACE_M = 6.096;
    private const NEXT_M = 9.144;
    /** Of so many kinds of talk one may still be taken for a finding, or for the end of one. */
    private const DISTURBED_OF = 20;

    public function testEachSayingIsReadAsItsKindAtItsPlace(): void
    {
        $misread = [];
        $all = 0;
        foreach (Lines::of('sayings.txt') as $line) {
            [$kind, $sayings] = explode(': ', $line, 2);
            foreach (explode(' | ', $sayings) as $saying) {
                $read = self::told(\sprintf(self::AROUND[$all++ % \count(self::AROUND)], $saying));
                if ($read !== [[$kind, self::PLACE_M]]) {
                    $misread[$kind.': '.$saying] = $read;
                }
            }
        }
        self::assertSame([], $misread);
        self::assertGreaterThan(3500, $all);
    }

    /** A name of the main, a cleanout or somebody's line says less: it may be the speaker's own or the way there. */
    public function testEachSayingIsReadWhereNobodySaysAPlace(): void
    {
        $misread = [];
        $all = 0;
        foreach (Lines::of('sayings.txt') as $line) {
            [$kind, $sayings] = explode(': ', $line, 2);
            foreach (\in_array($kind, self::NAMES, true) ? [] : explode(' | ', $sayings) as $saying) {
                $read = self::told(\sprintf(self::NOWHERE[$all++ % \count(self::NOWHERE)], $saying));
                $misread += \in_array([$kind, null], $read, true) ? [] : [$kind.': '.$saying => $read];
            }
        }
        self::assertGreaterThan(2500, $all);
        self::assertLessThan($all / self::MISREAD_OF, \count($misread), implode("\n", array_keys($misread)));
    }

    public function testTalkIsNoFinding(): void
    {
        $found = [];
        foreach (Lines::of('talk.txt') as $talk) {
            $after = "at twenty feet there's a rag right there okay so $talk and then";
            foreach (["so $talk and then" => [], $after => [['rag', self::PLACE_M]]] as $said => $wanted) {
                $read = self::told($said);
                if ($read !== $wanted) {
                    $found[$said] = $read;
                }
            }
        }
        self::assertSame([], $found);
    }

    /** Nothing stands between what was found and what comes next but the talk. */
    public function testTalkBetweenTwoFindingsLeavesBoth(): void
    {
        $disturbed = [];
        $lines = Lines::of('talk.txt');
        foreach ($lines as $talk) {
            $read = self::told("twenty feet there's a rag $talk thirty feet there's a hole");
            if ($read !== [['rag', self::PLACE_M], ['hole', self::NEXT_M]]) {
                $disturbed[] = $talk;
            }
        }
        self::assertLessThan(\count($lines) / self::DISTURBED_OF, \count($disturbed), implode("\n", $disturbed));
    }

    /** @return list<array{string, ?float}> */
    private static function told(string $said): array
    {
        return array_map(
            static fn (array $entry) => [$entry['kind'], $entry['from_m'] ?? null],
            self::read(['units' => 'feet', 'cues' => self::cues($said)]),
        );
    }
}
