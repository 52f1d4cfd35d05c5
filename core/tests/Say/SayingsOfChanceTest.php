<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Calc\SayCalculation;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Tests\Lines;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Sentences put together by chance: whatever the order of their parts, each part is read. */
final class SayingsOfChanceTest extends TestCase
{
    use TellsNarrations;

    private const SAYINGS = 800;
    private const FOOT_M = 0.3048;
    private const KINDS = [
        'a few hair roots' => 'root_threads', 'some fine roots' => 'root_threads', 'tiny roots' => 'root_threads',
        'roots' => 'root_cords',
        'root intrusion' => 'root_cords', 'a big root ball' => 'root_clump', 'a heavy root mass' => 'root_clump',
        'heavy roots' => 'root_clump',
        'an offset joint' => 'offset_joint', 'a step' => 'offset_joint', 'a lip' => 'offset_joint',
        'a separated joint' => 'separated_joint',
        'an open joint' => 'separated_joint', 'a hairline crack' => 'crack', 'several cracks' => 'crack', 'a fracture' => 'crack',
        'a break' => 'broken_pipe', 'a piece missing' => 'broken_pipe', 'a collapse' => 'broken_pipe', 'a hole' => 'hole',
        'scale' => 'scale',
        'rust build-up' => 'scale', 'grease' => 'grease', 'sludge' => 'sludge', 'silt' => 'sediment', 'mud' => 'sediment',
        'a rag' => 'rag',
        'a towel' => 'rag', 'a wye' => 'tie_in', 'a tee' => 'tie_in', 'a branch' => 'tie_in', 'a lateral' => 'tie_in',
        'an elbow' => 'bend',
        'a low spot' => 'low_spot', 'a belly' => 'low_spot', 'a sag' => 'low_spot', 'standing water' => 'low_spot',
    ];
    private const SIDES = [
        'on the left' => 9.0, 'on the right' => 3.0, 'at the top' => 12.0, 'on the bottom' => 6.0, "at 3 o'clock" => 3.0,
        'on the bottom left' => 7.5, 'on the upper right' => 1.5, 'in the crown' => 12.0,
    ];
    private const WITHOUT_SIDE = ['low_spot', 'bend'];
    private const SHARES = [
        'half the pipe' => 50.0, 'about a quarter of the pipe' => 25.0, 'about 38 percent of the pipe' => 38.0, '30 percent' => 30.0,
    ];
    private const LAYERS = [
        'half an inch of' => 12.7, 'an inch of' => 25.4, 'two inches of' => 50.8, 'a quarter inch of' => 6.35,
        'an inch and a half of' => 38.1,
    ];
    private const STEPS = ['a half inch' => 12.7, 'a quarter inch' => 6.35, 'a one inch' => 25.4];
    private const WATERS = ['an inch of water in it' => 25.4, 'about two inches of water' => 50.8,
        'holding half an inch of water' => 12.7];
    private const DOUBTS = [
        'looks like ' => 'likely', 'possibly ' => 'likely', 'I think there is ' => 'likely', 'it appears to be ' => 'likely',
        'hard to say but maybe ' => 'cannot_say', 'not sure but it looks like ' => 'cannot_say',
    ];
    private const INTROS = ['', "there's ", 'we have ', "we've got ", 'I see '];

    /** What stands between one thing and the next where nobody says a place. */
    private const BETWEEN = [
        "there's", "and there's", "and then there's", "okay here's", 'here we have', 'then', 'and then', "keep going there's",
        "we keep going and there's", 'and right there is', 'and you can see', 'then we come to', 'and we come up on',
        'joint looks good joint looks good', "good good good okay there's", 'and a little further', 'and past that',
        "past that there's", "moving on there's", "alright so here's", 'so right here you got', 'and we got', 'next thing is',
        'and over here', 'and then right after that', 'and now', "now we've got", "uh there's", 'and oh look', 'and sure enough',
        'and okay so', 'up here', "down here there's",
    ];
    private const CHAINS = 200;
    /** Of all that is named in them so much is found at least: with nothing between, and with what people talk of. */
    private const FOUND = [0.97, 0.9];

    private Randomizer $chance;

    public function testWhoNamesOneThingAfterAnotherAndSaysNoPlaceIsReadWhateverJoinsThem(): void
    {
        $this->chance = new Randomizer(new Mt19937(15));
        $talk = Lines::of('talk.txt');
        foreach (self::FOUND as $hasTalk => $least) {
            $wanted = $found = $read = 0;
            for ($i = 0; $i < self::CHAINS; ++$i) {
                [$said, $kinds] = $this->chain(1 === $hasTalk ? $talk : ['']);
                $told = array_count_values(array_column(self::read(['units' => 'feet', 'cues' => [
                    ['from_s' => 0, 'to_s' => 60, 'text' => "okay we're going down the line $said and that's it for this line"],
                ]]), 'kind'));
                foreach (array_count_values($kinds) as $kind => $many) {
                    $found += min($many, $told[$kind] ?? 0);
                }
                $wanted += \count($kinds);
                $read += array_sum($told);
            }
            self::assertGreaterThan($least, $found / $wanted);
            self::assertGreaterThan($least, $found / $read);
        }
    }

    /**
     * @param non-empty-list<string> $talk of which some may stand between
     *
     * @return array{string, list<string>} what is said, and the kinds that are named in it
     */
    private function chain(array $talk): array
    {
        $said = '';
        $kinds = [];
        foreach ($this->chance->pickArrayKeys(array_unique(self::KINDS), 5) as $name) {
            $between = self::BETWEEN[$this->chance->getInt(0, \count(self::BETWEEN) - 1)];
            $aside = $this->isSo() ? $talk[$this->chance->getInt(0, \count($talk) - 1)] : '';
            $said .= " $between $name".('' === $aside ? '' : " and $aside and");
            $kinds[] = self::KINDS[$name];
        }

        return [$said, $kinds];
    }

    public function testEveryPartOfASentenceIsReadWhateverTheirOrder(): void
    {
        $this->chance = new Randomizer(new Mt19937(15));
        for ($i = 0; $i < self::SAYINGS; ++$i) {
            [$said, $wanted] = $this->saying();
            $read = (new SayCalculation())->calculate(new Input(['text' => $said, 'units' => 'feet']))['entries'];
            self::assertCount(1, $read, $said);
            foreach ($wanted as $key => $value) {
                \is_float($value)
                    ? self::assertEqualsWithDelta($value, $read[0][$key] ?? null, 0.001, $said.': '.$key)
                    : self::assertSame($value, $read[0][$key] ?? '', $said.': '.$key);
            }
        }
    }

    /** @return array{string, array<string, float|string>} a sentence and what is in it */
    private function saying(): array
    {
        [$what, $kind] = $this->one(self::KINDS);
        [$place, $metres] = $this->place();
        $wanted = ['kind' => $kind, 'from_m' => round($metres, 3)];
        [$what, $behind, $size] = $this->sized($what, $kind);
        $wanted += null === $size ? [] : ['size' => $size];
        if (!\in_array($kind, self::WITHOUT_SIDE, true) && $this->isSo()) {
            [$side, $hours] = $this->one(self::SIDES);
            [$what, $wanted['clock_from']] = [$what.' '.$side, $hours];
        }
        [$before, $wanted['sureness']] = $this->isSo() ? $this->one(self::DOUBTS) : [$this->one(array_flip(self::INTROS))[0], ''];
        $place = $this->one(['at '.$place => 0, 'at about '.$place => 0, 'around '.$place => 0, $place.' in' => 0])[0];

        $last = ('' === $behind ? ' ' : ', ').$place;

        return [$this->isSo() ? $place.' '.$before.$what.$behind : ucfirst($before).$what.$behind.$last, $wanted];
    }

    /** @return array{string, string, ?float} the thing with its size, what stands behind it, and how large that is */
    private function sized(string $what, string $kind): array
    {
        if (!$this->isSo()) {
            return [$what, '', null];
        }
        $bare = (string) preg_replace('/^(?:an?|some) /', '', $what);
        [$words, $size] = match ($kind) {
            'root_threads', 'root_cords', 'root_clump', 'rag' => $this->one(self::SHARES),
            'scale', 'grease', 'sludge', 'sediment' => $this->one(self::LAYERS),
            'offset_joint' => $this->one(self::STEPS),
            'low_spot' => $this->one(self::WATERS),
            'bend' => ['a 45 degree', 45.0],
            default => ['', null],
        };

        return match ($kind) {
            'root_threads', 'root_cords', 'root_clump', 'rag', 'low_spot' => [$what, ', '.$words, $size],
            'scale', 'grease', 'sludge', 'sediment', 'offset_joint', 'bend' => [$words.' '.$bare, '', $size],
            default => [$what, '', null],
        };
    }

    /** @return array{string, float} a place as it is said, and in metres */
    private function place(): array
    {
        [$feet, $inches] = [$this->chance->getInt(3, 120), $this->chance->getInt(1, 11)];
        $metres = $this->chance->getInt(20, 450) / 10;

        return $this->one([
            $feet.' feet' => $feet * self::FOOT_M, $feet.' foot '.$inches => ($feet + $inches / 12) * self::FOOT_M,
            $feet."' ".$inches.'"' => ($feet + $inches / 12) * self::FOOT_M, $feet.' and a half feet' => ($feet + 0.5) * self::FOOT_M,
            $metres.' metres' => $metres, 'sixty-seven feet' => 67 * self::FOOT_M, 'a hundred and four feet' => 104 * self::FOOT_M,
        ]);
    }

    private function isSo(): bool
    {
        return 1 === $this->chance->getInt(0, 1);
    }

    /**
     * @template T
     *
     * @param non-empty-array<string, T> $of
     *
     * @return array{string, T}
     */
    private function one(array $of): array
    {
        $key = $this->chance->pickArrayKeys($of, 1)[0];

        return [(string) $key, $of[$key]];
    }
}
