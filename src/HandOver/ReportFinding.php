<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Screen\FindingText;

/** Something in the line as the report lists it. */
final readonly class ReportFinding
{
    /**
     * @param string $place with opening and way where there is more than one
     * @param string $beside other troubles of the same joint
     * @param string $ruling the rule in words, whose school it is, what it asks for and who judges otherwise
     * @param string $sightings each time that it was seen; empty where that was once
     * @param ?string $photo the picture's address
     * @param string $photoWords what the picture shows
     */
    public function __construct(
        public FindingText $text, public string $place, public string $beside, public string $ruling, public string $sightings,
        public ?string $photo, public string $photoWords,
    ) {
    }
}
