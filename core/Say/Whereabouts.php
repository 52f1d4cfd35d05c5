<?php

declare(strict_types=1);

namespace Jurvex\Core\Say;

use Jurvex\Core\Finding\Extent;
use Jurvex\Core\Finding\Kind;

/** Where the speaker is: by what was said last of it, and by the reel. */
final class Whereabouts
{
    /** A place that was said holds so long, in seconds. */
    private const HELD_S = 20.0;
    /** Whoever is stuck stands where they stood so long before, in seconds. */
    private const STOOD_S = 60.0;
    private const AT_THE_END = [Kind::CannotGoFurther, Kind::EndOfLine, Kind::Tap, Kind::Transition];
    /** What has no length is not said to be anywhere between the ends of a longer stretch, in metres. */
    private const LONGEST_POINT_M = 1.5;

    /** A place that was said and that nothing has been named at yet, and when. */
    private ?Place $pending = null;
    private float $pendingS = 0.0;
    /** The same, after the speaker moved on or told another. */
    private ?Place $unused = null;
    /** The last place that was said, in metres, and when. */
    private ?float $carried = null;
    private float $carriedS = 0.0;
    /** The same, though it holds no longer for what is named, until the speaker moves on. */
    private ?float $stood = null;

    public function __construct(private readonly Reel $reel)
    {
    }

    public function isPending(): bool
    {
        return null !== $this->pending;
    }

    public function pending(): ?Place
    {
        return $this->pending;
    }

    /** Whether a place that was said holds for what is named without one. */
    public function isCarried(): bool
    {
        return null !== $this->carried;
    }

    /** The last place that was said, in metres, while it holds. */
    public function carried(): ?float
    {
        return $this->carried;
    }

    /** Whether neither a place that was said nor the reel tells where it is. */
    public function isNowhere(?float $atS): bool
    {
        return null === $this->pending && null === $this->carried && null === $this->reel->at($atS);
    }

    public function read(?float $atS): ?float
    {
        return $this->reel->at($atS);
    }

    public function forget(float $atS): void
    {
        $this->pending = $atS - $this->pendingS > self::HELD_S ? null : $this->pending;
        $this->carried = $atS - $this->carriedS > self::HELD_S ? null : $this->carried;
    }

    public function leave(): void
    {
        $this->unused = $this->pending ?? $this->unused;
        $this->pending = $this->carried = $this->stood = null;
    }

    /** The place that nothing was named at before the speaker moved on or told another; it is given once. */
    public function unused(): ?Place
    {
        [$unused, $this->unused] = [$this->unused, null];

        return $unused;
    }

    public function say(Place $place, float $atS): void
    {
        $this->unused = $this->pending === $place ? $this->unused : $this->pending ?? $this->unused;
        [$this->carried, $this->carriedS, $this->pending] = [$place->to ?? $place->from, $atS, null];
        $this->stood = $this->carried;
    }

    /** A place that is of what is named next. */
    public function await(Place $place, float $atS): void
    {
        [$this->pending, $this->pendingS] = [$place, $atS];
    }

    /**
     * @param bool $isThere whether it is wherever the speaker stands
     *
     * @return array{?float, ?float, ?PlaceBy} from, to and by what; nothing where nobody knows
     */
    public function of(Mention $mention, ?float $atS, bool $isThere = false): array
    {
        $place = $mention->place ?? $this->pending;
        if (null !== $place) {
            if (null === $mention->place) {
                $this->say($place, $this->pendingS);
            }

            return self::at($place, $mention->kind);
        }
        $read = $this->reel->at($atS);
        if (null !== $read) {
            return [$read, null, PlaceBy::Reel];
        }

        $stood = $isThere && ($atS ?? 0.0) - $this->carriedS <= self::STOOD_S ? $this->stood : null;
        $at = $this->carried ?? $stood;

        return null === $at ? [null, null, null] : [$at, null, PlaceBy::Carried];
    }

    /** @return array{?float, ?float, ?PlaceBy} of what has no length the end of a stretch, or where it begins if it is short */
    private static function at(Place $place, ?Kind $kind): array
    {
        if (null === $place->to || Extent::Point !== ($kind?->extent() ?? Extent::Point)) {
            return [$place->from, $place->to, PlaceBy::Said];
        }
        // "clean from 28 to 50, that's as far as it goes"
        if (\in_array($kind, self::AT_THE_END, true)) {
            return [$place->to, null, PlaceBy::Said];
        }

        return $place->to - $place->from > self::LONGEST_POINT_M
            ? [null, null, null] : [$place->from, null, PlaceBy::Said];
    }
}
