<?php

declare(strict_types=1);

namespace Jurvex\Core\Triage;

/** What was seen at a place: at a fixture, at an opening, or at the place that is watched while a fixture is run. */
enum Answer: string
{
    case BacksUp = 'backs_up';
    case Slow = 'slow';
    case Drains = 'drains';
    case Standing = 'standing';
    case Dry = 'dry';
    case Rises = 'rises';
    case RunsBy = 'runs_by';
    case Nothing = 'nothing';

    /** @return list<self> what a fixture can do, or what an opening can show */
    public static function ofLook(bool $atFixture): array
    {
        return array_map(self::from(...), $atFixture ? Point::FIXTURE_ANSWERS : Point::OPENING_ANSWERS);
    }

    /** @return list<self> what the watched place can do while a fixture is run */
    public static function ofTest(bool $atFixture): array
    {
        return array_map(self::from(...), $atFixture ? MadeTest::FIXTURE_ANSWERS : MadeTest::OPENING_ANSWERS);
    }
}
