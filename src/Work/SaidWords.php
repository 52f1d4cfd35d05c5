<?php

declare(strict_types=1);

namespace App\Work;

use App\Firm\Firm;
use App\Record\Job;
use App\Record\Narrated;
use App\Record\Pass;
use App\Record\Property;
use App\Support\Database\Platform;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Clear\EntryKind;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Say\Entry;

/** Everything that was said, found by its words. */
final readonly class SaidWords
{
    private const MOST = 100;

    public function __construct(private Connection $connection, private EntityManagerInterface $manager)
    {
    }

    /** @param list<array{float, float}> $places what was said of where: seconds and metres, in the order of time */
    public function add(Narrated $narrated, array $places = []): void
    {
        $this->forget($narrated->id);
        foreach ($narrated->cues as [$from, $to, $text]) {
            $there = array_filter($places, static fn (array $place) => $place[0] >= $from && $place[0] <= $to);
            $this->insert($narrated->id, $narrated->job(), $text, $from, array_values($there)[0][1] ?? $narrated->atM);
        }
    }

    /**
     * @param array<Entry> $entries in the order of time
     *
     * @return list<array{float, float}> where it is said that something is: seconds and metres
     */
    public static function places(array $entries): array
    {
        $places = [];
        foreach ($entries as $entry) {
            if (null !== $entry->fromM) {
                $places[] = [$entry->atS ?? 0.0, $entry->fromM];
            }
        }

        return $places;
    }

    /** What was said with a clearing tool in the line. */
    public function addPass(Pass $pass): void
    {
        $this->forget($pass->id);
        $atM = null;
        foreach ($pass->entries() as $entry) {
            $isPlace = null !== $entry->metres && \in_array($entry->kind, [EntryKind::At, EntryKind::MarkIn, EntryKind::MarkOut], true);
            $atM = $isPlace ? $pass->alongTheLine($pass->fromZero(Length::metres($entry->metres))->metres)->metres : $atM;
            if (EntryKind::Said === $entry->kind) {
                $this->insert($pass->id, $pass->job, $entry->said, $entry->seconds, $atM);
            }
        }
    }

    private function forget(string $id): void
    {
        $this->connection->executeStatement('DELETE FROM said_words WHERE narrated_id = ?', [$id]);
    }

    private function insert(string $id, Job $job, string $text, float $atS, ?float $atM): void
    {
        $this->connection->insert('said_words', [
            'text' => $text, 'narrated_id' => $id, 'job_id' => $job->id, 'property_id' => $job->property()->id,
            'firm_id' => $job->firm->id, 'at_s' => $atS, 'at_m' => $atM,
        ]);
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
        $rows = $this->rows($found[0], $firm, $property);
        $sources = $this->sources(array_column($rows, 'narrated_id'));
        $hits = [];
        foreach ($rows as $row) {
            $each = $sources[self::word($row['narrated_id'])] ?? null;
            if (null !== $each) {
                $hits[] = new SaidHit(
                    $each, is_numeric($row['at_s']) ? (float) $row['at_s'] : 0.0, is_numeric($row['at_m']) ? (float) $row['at_m'] : null,
                    self::word($row['text']),
                );
            }
        }

        return $hits;
    }

    /**
     * @param list<string> $words each as a prefix: what is typed is looked for before it is finished
     *
     * @return list<array<string, mixed>> by each database's own index of words, the best first
     */
    private function rows(array $words, Firm $firm, ?Property $property): array
    {
        [$query, $matches, $best] = match (Platform::ofConnection($this->connection)) {
            Platform::Sqlite => [
                implode(' ', array_map(static fn (string $word) => '"'.$word.'"*', $words)), 'said_words MATCH :query', 'rank',
            ],
            Platform::PostgreSql => [
                implode(' & ', array_map(static fn (string $word) => "'".$word."':*", $words)), "words @@ to_tsquery('said', :query)",
                "ts_rank(words, to_tsquery('said', :query)) DESC, id",
            ],
        };

        return $this->connection->fetchAllAssociative(
            'SELECT narrated_id, at_s, at_m, text FROM said_words WHERE '.$matches.' AND firm_id = :firm'
                .(null === $property ? '' : ' AND property_id = :property').' ORDER BY '.$best.' LIMIT '.self::MOST,
            ['query' => $query, 'firm' => $firm->id] + (null === $property ? [] : ['property' => $property->id]),
        );
    }

    /**
     * @param list<mixed> $ids
     *
     * @return array<string, Narrated|Pass> by identifier; what was withdrawn is not found
     */
    private function sources(array $ids): array
    {
        $passes = array_filter(
            $this->manager->getRepository(Pass::class)->findBy(['id' => $ids]), static fn (Pass $pass) => null === $pass->withdrawnAt(),
        );

        return array_column([...$this->manager->getRepository(Narrated::class)->findBy(['id' => $ids]), ...$passes], null, 'id');
    }

    private static function word(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }
}
