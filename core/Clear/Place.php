<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** Where a stoppage is, from all that is known of it together; in metres from the foot of the drop. */
final readonly class Place
{
    /** How far the suspected stretch goes where nobody knows anything. */
    private const UNKNOWN_FAR_M = 10.0;

    /** @param list<PlaceKnownBy> $by what it was worked out from */
    private function __construct(public float $near, public float $far, public array $by)
    {
    }

    /**
     * What was seen or felt bounds it; where only its near end is known, it goes on as far as triage has it.
     *
     * @param ?array{float, float} $triage near and far end of the likeliest pipe
     * @param list<array{float, float}> $seen extents of what a camera saw of it
     * @param list<float> $met where a camera was stopped by it
     * @param list<float> $felt where a tool felt it
     */
    public static function of(?array $triage, array $seen, array $met, array $felt): self
    {
        $fronts = [...$met, ...$felt];
        $ends = array_merge($fronts, ...$seen);
        $by = [
            ...([] === $seen && [] === $met ? [] : [PlaceKnownBy::Looks]), ...([] === $felt ? [] : [PlaceKnownBy::Felt]),
        ];
        if ([] === $ends) {
            return null === $triage ? new self(0.0, self::UNKNOWN_FAR_M, []) : new self($triage[0], $triage[1], [PlaceKnownBy::Triage]);
        }
        $near = min($ends);
        $far = max($ends);
        // Beyond a front nobody has seen; triage says how far the stretch may go on.
        if (null !== $triage && \in_array($far, $fronts, true) && $triage[0] <= $far && $triage[1] > $far) {
            return new self($near, $triage[1], [PlaceKnownBy::Triage, ...$by]);
        }

        return new self($near, $far, $by);
    }

    /** As somebody says it; a far end before the near one moves with it. */
    public function overruledBy(?float $near, ?float $far): self
    {
        if (null === $near && null === $far) {
            return $this;
        }
        $isWhole = null !== $near && null !== $far;
        $far ??= max($this->far, $near);

        return new self($near ?? min($this->near, $far), $far, [PlaceKnownBy::Told, ...($isWhole ? [] : $this->by)]);
    }
}
