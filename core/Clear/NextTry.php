<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** What to do next with a tool that will not go or will not come back; the first that nobody has tried, with its limit. */
final readonly class NextTry
{
    /** Before the nozzle is blamed, what feeds it is looked at. */
    private const BY_GAUGE = [
        'high' => ['ease_back', 'clear_nozzle'],
        'low' => ['check_supply', 'check_leak', 'change_nozzle'],
    ];
    private const TO_GO = [
        'push_a_little', 'turn_both_ways', 'pulse', 'mark_wait_measure', 'smaller_head', 'broken_pipe_head',
        'other_opening',
    ];
    private const TO_COME_BACK = ['keep_water_running', 'pulse', 'short_surges', 'flush_from_above', 'oil', 'other_opening_below'];
    /** What needs water under pressure, and so is nothing for a cable. */
    private const JET_ONLY = ['keep_water_running', 'pulse', 'short_surges'];

    /**
     * @param string $code of the step; where it is a stop, why
     * @param bool $stops whether nothing more is tried: look, expose, call it a broken pipe
     */
    private function __construct(public string $code, public bool $stops)
    {
    }

    /** @param list<string> $tried codes of steps that changed nothing */
    public static function after(Trouble $trouble, Gauge $gauge, ?Progress $progress, bool $soilComesBack, array $tried): self
    {
        if ($soilComesBack) {
            return new self('broken_pipe', true);
        }
        if (Trouble::WillNotGo === $trouble && null !== $progress && Progress::NotMoving !== $progress) {
            return new self('stay_with_it', false);
        }
        $order = [...self::BY_GAUGE[$gauge->value] ?? [], ...(Trouble::WillNotGo === $trouble ? self::TO_GO : self::TO_COME_BACK)];
        foreach ($order as $code) {
            if (!\in_array($code, $tried, true) && !(Gauge::None === $gauge && \in_array($code, self::JET_ONLY, true))) {
                return new self($code, false);
            }
        }

        return new self(Trouble::WillNotGo === $trouble ? 'stop_and_look' : 'stop_and_expose', true);
    }

    /** @return list<string> every step and stop that there is */
    public static function codes(): array
    {
        return array_values(
            array_unique([
                ...array_merge(...array_values(self::BY_GAUGE)), ...self::TO_GO, ...self::TO_COME_BACK, 'broken_pipe',
                'stay_with_it', 'stop_and_look', 'stop_and_expose',
            ]),
        );
    }
}
