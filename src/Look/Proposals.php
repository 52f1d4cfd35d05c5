<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\LoggedFinding;
use App\Record\Mark;
use App\Record\Narrated;
use App\Record\Run;
use App\Support\Database\Id;
use App\Support\Files\Limited;
use App\Work\SaidWords;
use App\Work\Tracks;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Reel\Reading;
use Jurvex\Core\Reel\ReadingFormat;
use Jurvex\Core\Say\Entry;
use Jurvex\Core\Say\Lexicon;
use Jurvex\Core\Say\Narration;
use Jurvex\Core\Say\OfRun;
use Jurvex\Core\Say\Reading as Spoken;
use Jurvex\Core\Say\Reel;
use Jurvex\Core\Say\RunTalk;
use Jurvex\Core\Say\Speech;
use Jurvex\Core\Say\TimedText;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** Makes proposals of the timed text of a recording, and entries of those that somebody accepts. */
final readonly class Proposals
{
    /** In bytes: a day of talk. */
    private const LARGEST = 2_000_000;

    public function __construct(private Tracks $tracks, private SaidWords $words, private NarratedRuns $runs)
    {
    }

    /**
     * Timed text as it was given in.
     *
     * @param mixed $upload a file of the request, if that is what it is
     *
     * @throws BadInput where it is no timed text
     */
    public static function narrated(string $id, Run $run, mixed $upload, \DateTimeImmutable $at, string $language): Narrated
    {
        $stream = $upload instanceof UploadedFile && $upload->isValid() ? fopen($upload->getPathname(), 'r') : false;
        $text = false === $stream ? '' : Limited::text($stream, self::LARGEST) ?? throw new BadInput('too_long', 'line 1');
        $name = $upload instanceof UploadedFile ? mb_substr($upload->getClientOriginalName(), 0, 200) : '';

        return Narrated::recording($id, $run, $name, TimedText::read($text), $at, $language);
    }

    /** Has its words found again, with the places that are known. */
    public function index(Narrated $narrated, UnitSystem $units): void
    {
        $said = array_map(static fn (Proposal $each) => $each->said, $this->of($narrated, $units));
        $entries = array_filter($said, static fn (Entry|OfRun $each) => $each instanceof Entry);
        $this->words->add($narrated, SaidWords::places($entries));
    }

    /** @return list<Proposal> in the order of time; of one moment, what was found stands before what is said of the run itself */
    public function of(Narrated $narrated, UnitSystem $units): array
    {
        $lexicon = Lexicon::of($narrated->language);
        $spoken = Spoken::of(Speech::timed($narrated->asCues(), $lexicon), $lexicon);
        $reel = $this->reel($narrated->run);
        $entries = Narration::read($spoken, $units, $reel);
        usort($entries, static fn (Entry $one, Entry $other) => $one->atS <=> $other->atS);
        $said = [...$entries, ...RunTalk::read($spoken, $units, $entries, $reel)];
        $runs = $this->runs->of($narrated, $said);
        $settled = $narrated->settled();
        $first = array_key_first($runs);
        $proposals = [];
        foreach ($said as $each) {
            $isAnother = $each instanceof OfRun && OfRun::BEGIN === $each->what && $each->run !== $first;
            $run = $isAnother ? null : $runs[$each->run];
            $isAsked = $each instanceof Entry
                ? Entry::REACHED !== $each->kind : isset($settled[$each->key()]) || null === $run || RunSaid::isNews($each, $run);
            if ($isAsked) {
                $proposals[] = new Proposal($each, $settled[$each->key()] ?? null, $run);
            }
        }
        usort($proposals, static fn (Proposal $one, Proposal $other) => $one->atS() <=> $other->atS());

        return $proposals;
    }

    /**
     * What a proposal becomes.
     *
     * @param Run $run of which it is said
     * @param array{from?: string, to?: string} $typed its place, where that was not said
     *
     * @throws RefusedEntry
     */
    public function entry(
        Entry $entry, Narrated $narrated, Run $run, array $typed, UnitSystem $units, \DateTimeImmutable $now,
    ): LoggedFinding|Mark {
        $id = Id::of($now, $narrated->id.$entry->key());
        if (Entry::MARK === $entry->kind) {
            return self::mark($entry, $id, $run, $now);
        }
        // The water had been off for so long when it was said, not when it is accepted.
        $saidAtMs = 1000 * $narrated->run->startedAt->getTimestamp() + (int) (1000 * ($entry->atS ?? 0));
        $fields = SaidFields::of($entry, '', $saidAtMs);
        $fields = array_filter($typed, static fn (string $place) => '' !== trim($place)) + $fields;
        // The recording is that of the first look.
        $recordedS = $run === $narrated->run ? (string) ($entry->atS ?? '') : '';

        return FindingEntry::read($id, $fields + ['recorded_s' => $recordedS], $run, $units, $now);
    }

    /** @throws RefusedEntry for a mark of which nobody said where or how deep it is */
    private static function mark(Entry $entry, string $id, Run $run, \DateTimeImmutable $now): Mark
    {
        $mark = null === $entry->fromM ? null : SaidMark::of($entry, $id, $run, $now);
        $missing = null === $entry->fromM ? 'place_missing' : 'mark_depth_missing';

        return $mark ?? throw new RefusedEntry(['from' => ['code' => $missing, 'allowed' => []]]);
    }

    private function reel(Run $run): Reel
    {
        $lines = implode("\n", iterator_to_array($this->tracks->lines($run), false));
        $counter = $run->counter();

        return new Reel(array_map(static fn (Reading $reading) => [
            $reading->seconds, $counter->distance(Length::metres($reading->metres))->metres,
        ], '' === trim($lines) ? [] : ReadingFormat::read($lines)));
    }
}
