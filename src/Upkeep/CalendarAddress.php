<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Firm\Firm;
use Doctrine\ORM\EntityManagerInterface;

/** The secret part of a firm's calendar address: its identifier, and a signature of it and of how often it was made anew. */
final readonly class CalendarAddress
{
    private const SIGNATURE = 40;

    public function __construct(private string $shareKey)
    {
    }

    public function token(Firm $firm): string
    {
        return $firm->id.'-'.$this->signature($firm);
    }

    public function find(string $token, EntityManagerInterface $manager): ?Firm
    {
        [$id, $signature] = [substr($token, 0, -self::SIGNATURE - 1), substr($token, -self::SIGNATURE)];
        $firm = $manager->find(Firm::class, $id);

        return null !== $firm && hash_equals($this->signature($firm), $signature) ? $firm : null;
    }

    private function signature(Firm $firm): string
    {
        return substr(hash_hmac('sha256', 'calendar'.$firm->id.'/'.$firm->calendarTurn(), $this->shareKey), 0, self::SIGNATURE);
    }
}
