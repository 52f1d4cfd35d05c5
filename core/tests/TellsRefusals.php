<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests;

use Jurvex\Core\Input\BadInput;

/** What an act is refused for, as `reason place`. */
trait TellsRefusals
{
    private static function refused(\Closure $act): string
    {
        try {
            $act();
        } catch (BadInput $refused) {
            return $refused->reason.' '.$refused->at;
        }

        return 'taken';
    }
}
