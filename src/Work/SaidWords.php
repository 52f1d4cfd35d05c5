<?php

declare(strict_types=1);

namespace App\Work;

use App\Firm\Firm;
use App\Record\Narrated;
use App\Record\NarratedRepository;
use App\Record\Property;
use Doctrine\DBAL\Connection;

/** Everything that was said, found by its words. */
final readonly class SaidWords
{
    private const MOST = 100;

    public function __construct(private Connection $connection, private NarratedRepository $narrated)
    {
    }

    /** @param list<array{float, float}> $places what is known of where: seconds and metres, in the order of time */
    public function add(Narrated $narrated, array $places = []): void
    {
        $this->connection->executeStatement('DELETE FROM said_words WHERE narrated_id = ?', [$narrated->id]);
        $job = $narrated->job();
        foreach ($narrated->cues as [$from, $to, $text]) {
            $there = array_filter($places, static fn (array $place) => $place[0] >= $from && $place[0] <= $to);
            $this->connection->insert('said_words', [
                'text' => $text, 'narrated_id' => $narrated->id, 'job_id' => $job->id, 'property_id' => $job->property()->id,
                'firm_id' => $job->firm->id, 'at_s' => $from, 'at_m' => $narrated->atM ?? array_values($there)[0][1] ?? null,
            ]);
        }
    }

    /**
     * @param ?Property $property where; none for all of the firm's jobs
     *
     * @return list<SaidHit> the best first
     */
    public function find(string $words, Firm $firm, ?Property $property = null): array
    {
        preg_match_all('/[\p{L}\p{N}]+/u', $words, $found);
        if ([] === $found[0]) {
            return [];
        }
        // Each word as a prefix: what is typed is looked for before it is finished.
        $query = implode(' ', array_map(static fn (string $word) => '"'.$word.'"*', $found[0]));
        $rows = $this->connection->fetchAllAssociative(
            'SELECT narrated_id, at_s, at_m, text FROM said_words WHERE said_words MATCH ? AND firm_id = ?'
                .(null === $property ? '' : ' AND property_id = ?').' ORDER BY rank LIMIT '.self::MOST,
            null === $property ? [$query, $firm->id] : [$query, $firm->id, $property->id],
        );
        $narrated = array_column($this->narrated->findBy(['id' => array_column($rows, 'narrated_id')]), null, 'id');
        $hits = [];
        foreach ($rows as $row) {
            $each = $narrated[self::word($row['narrated_id'])] ?? null;
            if (null !== $each) {
                $hits[] = new SaidHit(
                    $each, is_numeric($row['at_s']) ? (float) $row['at_s'] : 0.0, is_numeric($row['at_m']) ? (float) $row['at_m'] : null,
                    self::word($row['text']),
                );
            }
        }

        return $hits;
    }

    private static function word(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }
}
