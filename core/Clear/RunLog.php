<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Measure\Length;
use Jurvex\Core\Ribbon\FeltAt;

/** A tool in the line as its entries tell it: where it is, what comes next at the opening, how it moves. */
final class RunLog
{
    /** How far behind the nozzle the hose carries its mark, or its leader ends. */
    public const LEADER_M = 3.0;

    /** Nearer than this the nozzle is at the mouth of the opening, and not in the pipe. */
    public const MOUTH_M = 0.3;

    private const TURNS = 5;

    /** So much before the mark it is said that it comes. */
    private const NEAR_M = 1.0;

    private float $at = 0.0;
    private float $deepest = 0.0;
    private float $movedAt = 0.0;
    private ?float $rate = null;
    private bool $goesBack = false;
    private float $backSince = 0.0;
    private int $right = 0;
    private int $left = 0;
    private ?float $onSince = null;
    private float $onFor = 0.0;
    private ?float $watchedSince = null;

    private bool $pulses = false;
    private ?float $degrees = null;
    private ?float $level = null;

    /** @var list<FeltAt> */
    private array $felt = [];

    private string $water = '';

    /** @var list<string> */
    private array $cameBack = [];

    /**
     * @param list<LogEntry> $entries in the order of their seconds
     * @param Marks $marks of the hose, or couplings of the cable
     */
    public function __construct(array $entries, public readonly Marks $marks)
    {
        foreach ($entries as $entry) {
            $this->take($entry);
        }
    }

    /** How much of the tool is in, from the mouth of the opening to the head. */
    public function distance(): Length
    {
        return Length::metres($this->at);
    }

    public function deepest(): Length
    {
        return Length::metres($this->deepest);
    }

    /** Whole marks or sections that are in the line. */
    public function marksIn(): int
    {
        return $this->marks->within($this->at);
    }

    /** @return ?Length how far to draw back until the next mark or coupling is at the opening; none when there is none in the line */
    public function toNextMark(): ?Length
    {
        $place = 0 === $this->marksIn() ? null : $this->marks->place($this->marksIn());

        return null === $place ? null : Length::metres(max(0.0, $this->at - $place));
    }

    /** Whether so little of the tool is in that its head is at the mouth. */
    public function isAtMouth(): bool
    {
        return $this->at < self::MOUTH_M;
    }

    /** Whether its marked stretch or less of the tool is in. */
    public function isNearMouth(): bool
    {
        return $this->at < self::LEADER_M;
    }

    /**
     * Whether an entry of a jet would have water on with the nozzle at the mouth of the opening, where it comes out.
     *
     * @param ?float $metres that are in by this entry
     */
    public function bringsWaterToTheMouth(EntryKind $kind, ?float $metres): bool
    {
        return match ($kind) {
            EntryKind::PowerOn => $this->isAtMouth(),
            EntryKind::At, EntryKind::MarkOut => $this->isOn() && null !== $metres && $metres < self::MOUTH_M,
            default => false,
        };
    }

    public function isPulsing(): bool
    {
        return $this->pulses;
    }

    /** @return ?float of hot water, in °C; none while it is cold */
    public function degrees(): ?float
    {
        return $this->degrees;
    }

    /** Of the water at the opening below its rim, as it was measured last. */
    public function level(): ?Length
    {
        return null === $this->level ? null : Length::metres($this->level);
    }

    /**
     * The next set of turns of a hose that will not go: five one way, ten the other, five back.
     *
     * @return int over nought to the right
     */
    public function nextTurns(): int
    {
        return match (true) {
            0 === $this->twist() => self::TURNS,
            $this->twist() > 0 => -($this->twist() + self::TURNS),
            default => -$this->twist(),
        };
    }

    /** Whether it comes back and the mark behind the nozzle is near or out: water off before it leaves the pipe. */
    public function nearsOpening(): bool
    {
        return $this->goesBack && $this->at <= self::LEADER_M + self::NEAR_M;
    }

    public function goesBack(): bool
    {
        return $this->goesBack;
    }

    /** Turns that are left in the hose; over nought to the right. */
    public function twist(): int
    {
        return $this->right - $this->left;
    }

    public function turnsRight(): int
    {
        return $this->right;
    }

    public function turnsLeft(): int
    {
        return $this->left;
    }

    public function isOn(): bool
    {
        return null !== $this->onSince;
    }

    /** How long there was pressure, or the cable turned, in seconds. */
    public function onFor(float $now): float
    {
        return $this->onFor + (null === $this->onSince ? 0.0 : max(0.0, $now - $this->onSince));
    }

    /** @return ?float of the last move, in m/min; none before there was one that took time */
    public function rate(): ?float
    {
        return $this->rate;
    }

    /** How it goes in; on the way back the hand sets the pace, and nothing is said. */
    public function progress(): ?Progress
    {
        return null === $this->rate || $this->goesBack ? null : Progress::of($this->rate, 1.0);
    }

    public function isWatched(): bool
    {
        return null !== $this->watchedSince;
    }

    /** Minutes from the first move back from the deepest place to the last; none while it has not come back. */
    public function minutesBack(): ?float
    {
        return $this->at < $this->deepest && $this->movedAt > $this->backSince ? ($this->movedAt - $this->backSince) / 60 : null;
    }

    /** @return list<FeltAt> */
    public function felt(): array
    {
        return $this->felt;
    }

    /** The last that was seen at the opening. */
    public function water(): string
    {
        return $this->water;
    }

    /** @return list<string> */
    public function cameBack(): array
    {
        return $this->cameBack;
    }

    private function take(LogEntry $entry): void
    {
        match ($entry->kind) {
            EntryKind::MarkIn => $this->move($entry->metres ?? $this->marks->next($this->at) ?? $this->at, $entry->seconds),
            EntryKind::MarkOut => $this->move($entry->metres ?? $this->marks->previous($this->at), $entry->seconds),
            EntryKind::At => $this->move($entry->metres ?? $this->at, $entry->seconds),
            EntryKind::PowerOn => $this->onSince ??= $entry->seconds,
            EntryKind::PowerOff => $this->off($entry->seconds),
            EntryKind::TurnRight => $this->right += max(1, (int) $entry->said),
            EntryKind::TurnLeft => $this->left += max(1, (int) $entry->said),
            EntryKind::Felt => $this->felt[] = new FeltAt($this->distance(), $entry->said),
            EntryKind::Water => $this->water = $entry->said,
            EntryKind::CameBack => $this->cameBack[] = $entry->said,
            EntryKind::Watch => $this->watchedSince = $entry->seconds,
            EntryKind::Moved => $this->moved($entry->metres ?? 0.0, $entry->seconds),
            EntryKind::PulseOn => $this->pulses = true,
            EntryKind::PulseOff => $this->pulses = false,
            EntryKind::Heat => $this->degrees = $entry->metres,
            EntryKind::Level => $this->level = $entry->metres,
            EntryKind::Said => null,
        };
    }

    private function move(float $to, float $seconds): void
    {
        if ($to < $this->at && $this->at >= $this->deepest) {
            $this->backSince = $this->movedAt;
        }
        $this->goesBack = $to < $this->at || ($to === $this->at && $this->goesBack);
        $this->rate = $seconds > $this->movedAt ? abs($to - $this->at) / ($seconds - $this->movedAt) * 60 : $this->rate;
        $this->at = $to;
        $this->movedAt = $seconds;
        $this->deepest = max($this->deepest, $to);
    }

    private function off(float $seconds): void
    {
        $this->onFor = $this->onFor($seconds);
        $this->onSince = null;
    }

    private function moved(float $metres, float $seconds): void
    {
        if (null !== $this->watchedSince && $seconds > $this->watchedSince) {
            $began = $this->watchedSince;
            $this->move($this->at + $metres, $seconds);
            $this->rate = $metres / ($seconds - $began) * 60;
            $this->watchedSince = null;
        }
    }
}
