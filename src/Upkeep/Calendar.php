<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Record\DueAtProperty;
use App\Record\Job;
use App\Support\Wording\WordsExtension;

/** Visits and due upkeep as iCalendar (RFC 5545): whole days, each with an identifier that stays. */
final readonly class Calendar
{
    /** A line has no more bytes than this; what is longer goes on after a space. */
    private const LINE = 74;

    public function __construct(private WordsExtension $words)
    {
    }

    /**
     * @param list<Job> $visits
     * @param list<DueAtProperty> $due
     */
    public function of(array $visits, array $due, \DateTimeImmutable $now): string
    {
        $lines = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Jurvex//EN', 'CALSCALE:GREGORIAN'];
        $stamp = $now->setTimezone(new \DateTimeZone('UTC'))->format('Ymd\THis\Z');
        foreach ($visits as $job) {
            $day = $job->call()->plannedOn ?? $job->openedAt;
            $why = $this->words->words($job->call()->why, 'why');
            $place = $job->call()->place;
            array_push($lines, ...self::event($job->id, $stamp, $day, $why.': '.$place, $place, $job->call()->ordered));
        }
        foreach ($due as $each) {
            $what = null === $each->work ? $each->said : $this->words->words($each->work, 'upkeep_work');
            $id = ($each->plan ?? $each->property).'-'.$each->dueOn->format('Ymd');
            array_push($lines, ...self::event($id, $stamp, $each->dueOn, $what.': '.$each->place, $each->place, $each->said));
        }
        $lines[] = 'END:VCALENDAR';

        return implode("\r\n", array_map(self::folded(...), $lines))."\r\n";
    }

    /** @return list<string> */
    private static function event(string $id, string $stamp, \DateTimeImmutable $day, string $what, string $where, string $more): array
    {
        return [
            'BEGIN:VEVENT', 'UID:'.$id.'@jurvex', 'DTSTAMP:'.$stamp, 'DTSTART;VALUE=DATE:'.$day->format('Ymd'),
            'DTEND;VALUE=DATE:'.$day->modify('+1 day')->format('Ymd'), 'SUMMARY:'.self::text($what), 'LOCATION:'.self::text($where),
            ...('' === $more ? [] : ['DESCRIPTION:'.self::text($more)]), 'END:VEVENT',
        ];
    }

    private static function text(string $text): string
    {
        return strtr($text, ['\\' => '\\\\', ';' => '\\;', ',' => '\\,', "\r\n" => '\\n', "\n" => '\\n', "\r" => '\\n']);
    }

    private static function folded(string $line): string
    {
        $folded = '';
        while (\strlen($line) > self::LINE) {
            $part = mb_strcut($line, 0, self::LINE, 'UTF-8');
            $folded .= $part."\r\n ";
            $line = substr($line, \strlen($part));
        }

        return $folded.$line;
    }
}
