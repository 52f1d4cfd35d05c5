<?php

declare(strict_types=1);

namespace App\WayIn;

/** What is asked about the map, in words. */
final readonly class QuestionText
{
    /**
     * @param string $lead what stands over several offers; empty over a single one
     * @param array<string, string> $offers what was seen, by the key with which it is taken
     * @param string $now what the map has; empty where nothing can be said
     * @param bool $isChoice whether one of the offers at most can be taken
     */
    public function __construct(public string $lead, public array $offers, public string $now, public bool $isChoice)
    {
    }
}
