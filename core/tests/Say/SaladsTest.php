<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Say;

use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Say\Lexicon;
use Jurvex\Core\Say\Narration;
use Jurvex\Core\Say\Reading;
use Jurvex\Core\Say\Reel;
use Jurvex\Core\Say\RunTalk;
use Jurvex\Core\Say\Speech;
use Jurvex\Core\Say\TimedText;
use Jurvex\Core\Say\ToolTalk;
use Jurvex\Core\Tests\Kept;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Every phrase of the tables among the others, in every order that chance makes of them: nobody speaks like this, and no rule of
 * reading can change without changing what is read of some of it.
 */
final class SaladsTest extends TestCase
{
    private const NARRATIONS = 1500;
    private const SEED = 20;
    private const UNITS = ['feet', 'foot', 'metres', 'inches', 'inch', 'centimetres', 'percent', 'degree', "o'clock", '', '', 'mm'];
    private const GLUE = ['a', 'the', 'and', 'of', 'is', 'with', 'to', 'about', 'in', 'half', 'quarter', 'sorry', 'water', 'point', 'one',
        'that', 'from', 'another', 'deep', '.', ',', '?', 'or', 'at', 'at', 'at'];

    private const PARTS = [
        'three', 'six', 'eleven', 'forty five', 'a hundred and two', 'a couple', 'half a', 'three quarters', 'one and a half', 'a third',
        'five eighths', 'a sixteenth', 'two and a quarter', 'ninety',
    ];

    private Randomizer $chance;
    /** @var non-empty-list<string> */
    private array $numbers;

    public function testWhatIsReadOfWordsInAnyOrderIsWhatItWasYesterday(): void
    {
        $this->chance = new Randomizer(new Mt19937(self::SEED));
        $this->numbers = array_map(strval(...), [...array_keys(self::tables()['numbers']), ...array_keys(self::tables()['misheard'])]);
        $lexicon = Lexicon::of(Lexicon::USUAL);
        $withATool = Lexicon::withATool(Lexicon::USUAL);
        $looked = $this->phrases('phrases');
        $cleared = $this->phrases('phrases_with_a_tool');
        $reel = new Reel([[0.0, 0.0], [20.0, 7.5], [45.0, 21.0], [60.0, 14.0], [150.0, 40.0]]);
        $kept = [];
        for ($i = 0; $i < self::NARRATIONS; ++$i) {
            $units = 0 === $i % 2 ? UnitSystem::FeetAndInches : UnitSystem::Metric;
            $reading = Reading::of(Speech::timed(TimedText::read($this->narration($looked)), $lexicon), $lexicon);
            $entries = Narration::read($reading, $units, 0 === $i % 3 ? $reel : new Reel([]));
            $kept[$i] = hash('crc32b', serialize([
                array_map(static fn ($entry) => $entry->plain(), $entries), RunTalk::read($reading, $units, $entries, $reel),
                ToolTalk::read($this->saying($cleared), $withATool, $units), Workings::of($reading, $units),
            ]));
        }
        Kept::assertSame('salads', $kept);
    }

    /** @return array<string, non-empty-array<string, non-empty-array<string, list<string>>>> */
    private static function tables(): array
    {
        /** @var array<string, non-empty-array<string, non-empty-array<string, list<string>>>> $tables */
        $tables = require __DIR__.'/../../Say/languages/en.php';

        return $tables;
    }

    /** @return non-empty-array<string, non-empty-list<string>> patterns by role */
    private function phrases(string $table): array
    {
        $roles = array_map(static fn (array $meanings) => array_merge(...array_values($meanings)), self::tables()[$table]);

        return array_filter($roles) ?: throw new \LogicException();
    }

    /** @param non-empty-array<string, non-empty-list<string>> $phrases */
    private function narration(array $phrases): string
    {
        $lines = [];
        $second = 0;
        for ($i = $this->chance->getInt(2, 6); $i > 0; --$i) {
            $second += $this->chance->getInt(1, 25);
            $lines[] = \sprintf('%d:%02d %s', intdiv($second, 60), $second % 60, $this->saying($phrases));
        }

        return implode("\n", $lines);
    }

    /** @param non-empty-array<string, non-empty-list<string>> $phrases */
    private function saying(array $phrases): string
    {
        $said = [];
        for ($i = $this->chance->getInt(2, 8); $i > 0; --$i) {
            $said[] = match ($this->chance->getInt(0, 5)) {
                0, 1 => $this->number().' '.$this->oneOf(self::UNITS),
                2 => $this->oneOf(self::GLUE),
                // What can be seen or pressed is said more than the rest.
                3 => $this->spoken($this->oneOf($phrases['kind'] ?? $phrases['fact'])),
                default => $this->spoken($this->oneOf($phrases[(string) $this->chance->pickArrayKeys($phrases, 1)[0]])),
            };
        }

        return strtr(implode(' ', $said), [' ,' => ',', ' .' => '.', ' ?' => '?', '  ' => ' ']);
    }

    private function number(): string
    {
        return match ($this->chance->getInt(0, 4)) {
            0 => (string) $this->chance->getInt(1, 120),
            1 => $this->chance->getInt(0, 40).'.'.$this->chance->getInt(0, 9),
            2 => implode(' ', [$this->oneOf($this->numbers), $this->oneOf($this->numbers)]),
            3 => $this->oneOf(self::PARTS),
            default => $this->chance->getInt(1, 90).' '.$this->oneOf(['to', 'and', 'foot', 'feet', 'or']).' '.$this->chance->getInt(1, 95),
        };
    }

    /** One way of saying a phrase of the tables. */
    private function spoken(string $phrase): string
    {
        $phrase = (string) preg_replace_callback('/(?<= |^)\(([^()]*(?:\(\w+\)[^()]*)*)\)\*?(?= |$)/', $this->optional(...), $phrase);
        $words = [];
        foreach (explode(' ', $phrase) as $any) {
            $words[] = preg_replace_callback('/\((\w+)\)/', $this->optional(...), $this->oneOf(explode('|', $any)));
        }

        return implode(' ', $words);
    }

    /** @param array<string> $of what was found, and what stands in its brackets */
    private function optional(array $of): string
    {
        return $this->isSo() ? $of[1] ?? '' : '';
    }

    private function isSo(): bool
    {
        return 1 === $this->chance->getInt(0, 1);
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    private function oneOf(array $of): mixed
    {
        return $of[$this->chance->getInt(0, \count($of) - 1)];
    }
}
