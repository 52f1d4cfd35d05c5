<?php

declare(strict_types=1);

namespace App\Screen;

/** What each key does where: the scripts bind by it, the page of keys is drawn from it. */
final class Keys
{
    /** By part of the screen and by what is done; a key is named as browsers name it. */
    public const TABLE = [
        'job' => ['stop' => ['.']],
        'look' => [
            'save' => ['Enter'], 'aside' => ['Escape'], 'starts' => ['x'], 'deepest' => ['c'], 'ends' => ['v'], 'answer' => ['b'],
            'again' => ['g'], 'undo' => ['z'], 'joint' => ['j'], 'water' => ['t'], 'accept' => ['y'], 'say' => ['i'],
            'on' => ['ArrowUp'], 'back' => ['ArrowDown'], 'turn_on' => ['ArrowRight'], 'turn_back' => ['ArrowLeft'],
            'end' => ['End'], 'help' => ['?'],
        ],
        'run' => ['say' => ['i']],
        'map' => ['left' => ['ArrowLeft'], 'right' => ['ArrowRight'], 'before' => ['ArrowUp'], 'next' => ['ArrowDown'], 'undo' => ['z']],
        'narration' => [
            'next' => ['ArrowDown', 'j'], 'before' => ['ArrowUp', 'k'], 'keep' => ['Enter'], 'down' => ['x'], 'again' => ['z'],
            'correct' => ['e'],
        ],
        'ribbon' => ['closer' => ['+'], 'wider' => ['-']],
        // On a card: assets/scripts/board-keys.js.
        'board' => [
            'day_before' => ['ArrowLeft'], 'day_after' => ['ArrowRight'], 'earlier' => ['ArrowUp'], 'later' => ['ArrowDown'],
            'person' => ['Shift+ArrowUp', 'Shift+ArrowDown'],
        ],
    ];

    /** What a finger does; each has one meaning, however long it lasts. */
    public const GESTURES = ['tile', 'size', 'dial', 'lens', 'ribbon', 'plan', 'rod', 'swipe'];

    private const SIGNS = [
        'ArrowUp' => '↑', 'ArrowDown' => '↓', 'ArrowLeft' => '←', 'ArrowRight' => '→',
        'Shift+ArrowUp' => '⇧ ↑', 'Shift+ArrowDown' => '⇧ ↓',
        'Escape' => 'key_name.escape', 'Enter' => 'key_name.enter', 'End' => 'key_name.end',
    ];

    /** @return array<string, array<string, string>> what is done, by key, by part of the screen */
    public static function bound(): array
    {
        $bound = [];
        foreach (self::TABLE as $part => $acts) {
            foreach ($acts as $act => $keys) {
                foreach ($keys as $key) {
                    $bound[$part][$key] = $act;
                }
            }
        }

        return $bound;
    }

    /** @return array<string, list<string>> signs of the keys or the keys of their names, by what is done */
    public static function signs(string $part): array
    {
        $sign = static fn (string $key) => self::SIGNS[$key] ?? ucfirst($key);

        return array_map(static fn (array $keys) => array_map($sign, $keys), self::TABLE[$part] ?? []);
    }
}
