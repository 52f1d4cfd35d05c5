<?php

declare(strict_types=1);

namespace App\Work;

use App\Record\ReadingBatch;
use App\Record\Run;
use App\Record\RunTrack;
use App\Support\Files\Limited;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Reel\ReadingFormat;
use Jurvex\Core\Reel\Stillness;
use Jurvex\Core\Reel\Track;
use Symfony\Component\Lock\LockFactory;

/** Readings of runs: taking them in, and what they come to. */
final readonly class Tracks
{
    /** In bytes: some hours of readings. */
    private const LONGEST = 4_000_000;
    /** Batches that hold the last half minute: the screen sends one every two seconds. */
    private const NEWEST = 15;

    public function __construct(private EntityManagerInterface $manager, private LockFactory $locks)
    {
    }

    public function of(Run $run): Track
    {
        return $this->manager->find(RunTrack::class, $run->id)?->track() ?? Track::none();
    }

    /**
     * @param list<Run> $runs
     *
     * @return array<string, Track> by run that has readings
     */
    public function ofAll(array $runs): array
    {
        $ids = array_map(static fn (Run $run) => $run->id, $runs);
        $tracks = [];
        foreach ($this->manager->getRepository(RunTrack::class)->findBy(['runId' => $ids]) as $each) {
            $tracks[$each->runId] = $each->track();
        }

        return $tracks;
    }

    /**
     * Stores a batch, one after the other for each run: what they come to is added up.
     *
     * @param resource $stream of lines in the open format
     *
     * @throws BadInput at the line that cannot be read
     */
    public function store(Run $run, string $id, $stream): Track
    {
        $lines = Limited::text($stream, self::LONGEST) ?? throw new BadInput('too_long', 'line 1');
        $lock = $this->locks->createLock('run-track-'.$run->id);
        $lock->acquire(true);
        try {
            $track = $this->take($run, $id, $lines);
            $this->manager->flush();

            return $track;
        } finally {
            $lock->release();
        }
    }

    /**
     * Takes a batch in, whole or not at all; one that is there already changes nothing. The caller flushes.
     *
     * @throws BadInput at the line that cannot be read
     */
    public function take(Run $run, string $id, string $lines): Track
    {
        if (null !== $this->manager->find(ReadingBatch::class, $id)) {
            return $this->of($run);
        }
        if (!mb_check_encoding($lines, 'UTF-8')) {
            throw new BadInput('not_utf8', 'line 1');
        }
        $readings = ReadingFormat::read($lines);
        if ([] === $readings) {
            throw BadInput::missing('line 1');
        }
        $kept = $this->manager->find(RunTrack::class, $run->id) ?? new RunTrack($run->id);
        $track = $kept->take($readings, $run);
        $run->wentTo($track->deepest);
        // Batches stand one after the other: none may rest on names of columns that another one has put in another order.
        $plain = ReadingFormat::hasNames($lines) ? implode("\n", array_map(ReadingFormat::write(...), $readings)) : trim($lines);
        $this->manager->persist(new ReadingBatch($id, $run, \count($readings), $plain));
        $this->manager->persist($kept);

        return $track;
    }

    /** Whether the camera stands still for its water reading, by the newest readings. */
    public function isStill(Run $run): bool
    {
        $newest = $this->manager->getRepository(ReadingBatch::class)->findBy(['run' => $run], ['id' => 'DESC'], self::NEWEST);
        $lines = array_map(static fn (ReadingBatch $batch) => $batch->lines, array_reverse($newest));

        return Stillness::holds(ReadingFormat::read(implode("\n", $lines)));
    }

    /** @return iterable<string> the lines of every batch, in the order in which they came */
    public function lines(Run $run): iterable
    {
        foreach ($this->manager->getRepository(ReadingBatch::class)->findBy(['run' => $run], ['id' => 'ASC']) as $batch) {
            yield $batch->lines;
        }
    }

    /** Works the track out anew, after the counter was put right. */
    public function again(Run $run): void
    {
        $kept = $this->manager->find(RunTrack::class, $run->id);
        if (null === $kept) {
            return;
        }
        $this->manager->remove($kept);
        $this->manager->flush();
        $kept = new RunTrack($run->id);
        $kept->take(ReadingFormat::read(implode("\n", iterator_to_array($this->lines($run), false))), $run);
        $this->manager->persist($kept);
    }
}
