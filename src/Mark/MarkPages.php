<?php

declare(strict_types=1);

namespace App\Mark;

use App\Record\Mark;
use App\Record\MarkRepository;
use App\Screen\JobScreen;
use App\Screen\MarkTexts;
use App\Work\MarkedGrounds;
use Jurvex\Core\Measure\UnitSystem;

/** Puts the benches of the Mark stage together. */
final readonly class MarkPages
{
    private const WIDTH = 720.0;
    private const NARROW = 344.0;
    private const TALLEST = 520.0;
    /** While it is drawn there is room for what comes next. */
    private const ROOM_M = 18.0;

    public function __construct(private MarkedGrounds $grounds, private MarkTexts $texts, private MarkRepository $marks)
    {
    }

    public function of(JobScreen $screen, UnitSystem $units, bool $isNarrow, ?Mark $editing = null): MarkPage
    {
        $ground = $this->grounds->of($screen->job, $screen->record);

        return new MarkPage(
            $ground, $this->texts->ground($ground, $units),
            $ground->plan->isBlank() ? null : $ground->drawing($units, self::width($isNarrow), self::TALLEST), null, $editing,
            $screen->job->mayBeSimulated() && null !== $screen->line,
            $this->marks->pictured($screen->job),
        );
    }

    /** With an empty plan too, and room around what is drawn. */
    public function site(JobScreen $screen, UnitSystem $units, bool $isNarrow): MarkPage
    {
        $ground = $this->grounds->of($screen->job, $screen->record);

        return new MarkPage(
            $ground, $this->texts->ground($ground, $units),
            $ground->drawing($units, self::width($isNarrow), self::TALLEST, [], self::ROOM_M),
        );
    }

    public function ground(JobScreen $screen, UnitSystem $units, bool $isNarrow): MarkPage
    {
        $ground = $this->grounds->of($screen->job, $screen->record);

        $profile = GroundProfile::of($ground, $screen->line?->run, self::width($isNarrow));

        return new MarkPage($ground, $this->texts->ground($ground, $units), null, $profile);
    }

    private static function width(bool $isNarrow): float
    {
        return $isNarrow ? self::NARROW : self::WIDTH;
    }
}
