<?php

declare(strict_types=1);

namespace Jurvex\Core\Mend;

use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;

/** How a firm digs; in metres. The rules of the place come first. */
final readonly class TrenchRules
{
    public const USUAL = ['width_m' => 0.6, 'deep_width_m' => 0.9, 'below_pipe_m' => 0.15, 'support_from_m' => 1.2, 'bulking' => 1.25];

    /**
     * @param float $deepWidth where it must be supported
     * @param float $supportFrom deeper than this its sides are supported or sloped: the depth that local rules name
     * @param float $bulking how many times its room the spoil takes
     */
    private function __construct(
        public float $width, public float $deepWidth, public float $belowPipe, public float $supportFrom, public float $bulking,
    ) {
    }

    /** @throws BadInput out_of_range */
    public static function read(Input $input): self
    {
        $value = static fn (string $key, float $least, float $most) => $input->has($key)
            ? $input->number($key, $least, $most) : self::USUAL[$key];
        $width = $value('width_m', 0.3, 5);

        return new self(
            $width, max($width, $value('deep_width_m', 0.3, 5)), $value('below_pipe_m', 0, 2), $value('support_from_m', 0.3, 6),
            $value('bulking', 1, 2),
        );
    }
}
