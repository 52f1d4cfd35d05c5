<?php

declare(strict_types=1);

namespace App\Support\Wording;

/** Named values as the translator wants them: `most` becomes `%most%`. */
final class Placeholders
{
    /**
     * @param array<string, scalar> $values
     *
     * @return array<string, scalar>
     */
    public static function of(array $values): array
    {
        $placeholders = [];
        foreach ($values as $name => $value) {
            $placeholders['%'.$name.'%'] = $value;
        }

        return $placeholders;
    }
}
