<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\Narrated;
use App\Record\Property;
use Doctrine\DBAL\Connection;

/** Everything that was said, found by its words. */
final readonly class SaidWords
{
    private const MOST = 100;

    public function __construct(private Connection $connection)
    {
    }

    public function add(Narrated $narrated): void
    {
        $this->remove($narrated);
        $job = $narrated->job();
        foreach ($narrated->cues as [$from, , $text]) {
            $this->connection->insert('said_words', [
                'text' => $text, 'narrated_id' => $narrated->id, 'job_id' => $job->id, 'property_id' => $job->property()->id,
                'firm_id' => $job->firm->id, 'at_s' => $from, 'at_m' => $narrated->atM,
            ]);
        }
    }

    public function remove(Narrated $narrated): void
    {
        $this->connection->executeStatement('DELETE FROM said_words WHERE narrated_id = ?', [$narrated->id]);
    }

    /** @return list<array{narrated: string, job: string, at_s: float, at_m: ?float, text: string}> the best first */
    public function find(string $words, string $firm, ?Property $property = null): array
    {
        preg_match_all('/[\p{L}\p{N}]+/u', $words, $found);
        if ([] === $found[0]) {
            return [];
        }
        // Each word as a prefix: what is typed is looked for before it is finished.
        $query = implode(' ', array_map(static fn (string $word) => '"'.$word.'"*', $found[0]));
        $rows = $this->connection->fetchAllAssociative(
            'SELECT narrated_id, job_id, at_s, at_m, text FROM said_words WHERE said_words MATCH ? AND firm_id = ?'
                .(null === $property ? '' : ' AND property_id = ?').' ORDER BY rank LIMIT '.self::MOST,
            null === $property ? [$query, $firm] : [$query, $firm, $property->id],
        );

        return array_map(static fn (array $row) => [
            'narrated' => self::word($row['narrated_id']), 'job' => self::word($row['job_id']),
            'at_s' => is_numeric($row['at_s']) ? (float) $row['at_s'] : 0.0,
            'at_m' => is_numeric($row['at_m']) ? (float) $row['at_m'] : null, 'text' => self::word($row['text']),
        ], $rows);
    }

    private static function word(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }
}
