<?php

declare(strict_types=1);

namespace Jurvex\Core\Site;

use Jurvex\Core\Measure\Length;

/** Where taped distances from fixed points put a mark, and how sure that is. */
final readonly class TiedPlace
{
    /** So far a third tape may be off before it does not agree. */
    private const AGREES_M = 0.3;
    private const HAIR = 1e-12;

    /**
     * @param ?float $error in metres; none where the mark is in line with the first two fixed points, and any tape error moves it far
     * @param list<float> $residuals in metres, of each further fixed point
     */
    private function __construct(public Place $place, public ?float $error, public array $residuals)
    {
    }

    /**
     * The meeting point of the first two distances on one side; tape error · √2 / |sin γ|, γ the angle at the mark; further
     * fixed points check it.
     *
     * @param list<Tie> $checks beside the first two
     *
     * @return ?self none where the first two distances cannot meet
     */
    public static function of(Tie $one, Tie $other, Side $side, Length $tapeError, array $checks = []): ?self
    {
        $apart = $one->fixed->to($other->fixed);
        if (0.0 === $apart) {
            return null;
        }
        [$first, $second] = [$one->taped->metres, $other->taped->metres];
        $along = ($first ** 2 - $second ** 2 + $apart ** 2) / (2 * $apart);
        $square = $first ** 2 - $along ** 2;
        if ($square < -self::HAIR) {
            return null;
        }
        // Two tapes that just meet leave a rounding error either way.
        $square = $square < self::HAIR ? 0.0 : $square;
        $off = sqrt($square) * (Side::Left === $side ? 1 : -1);
        [$x, $y] = [($other->fixed->x - $one->fixed->x) / $apart, ($other->fixed->y - $one->fixed->y) / $apart];
        $place = new Place($one->fixed->x + $along * $x - $off * $y, $one->fixed->y + $along * $y + $off * $x);
        // Of the triangle of the two fixed points and the mark: apart · off = first · second · sin γ.
        $error = 0.0 === $square || 0.0 === $second ? null : $tapeError->metres * \M_SQRT2 * $first * $second / ($apart * abs($off));

        return new self(
            $place, $error, array_map(static fn (Tie $check) => abs($place->to($check->fixed) - $check->taped->metres), $checks),
        );
    }

    public function agrees(): bool
    {
        return max([0.0, ...$this->residuals]) <= max(self::AGREES_M, $this->error ?? 0.0);
    }
}
