<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\LoggedFinding;
use App\Record\Mark;
use App\Record\MarkDetails;
use App\Record\Narrated;
use App\Record\NarratedFrom;
use App\Record\Run;
use App\Support\Database\Id;
use App\Work\SaidWords;
use App\Work\Tracks;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Reel\Reading;
use Jurvex\Core\Reel\ReadingFormat;
use Jurvex\Core\Say\Cue;
use Jurvex\Core\Say\Entry;
use Jurvex\Core\Say\Lexicon;
use Jurvex\Core\Say\Narration;
use Jurvex\Core\Say\Reel;
use Jurvex\Core\Say\Speech;
use Jurvex\Core\Say\TimedText;

/** Makes proposals of the timed text of a recording, and entries of those that somebody accepts. */
final readonly class Proposals
{
    public function __construct(private Tracks $tracks, private SaidWords $words)
    {
    }

    /** @throws BadInput where it is no timed text */
    public static function narrated(string $id, Run $run, string $name, string $text, \DateTimeImmutable $at): Narrated
    {
        return new Narrated($id, $run, NarratedFrom::Recording, $name, array_map(
            static fn (Cue $cue) => [$cue->fromS, $cue->toS, $cue->text], TimedText::read($text),
        ), $at);
    }

    /** Has its words found again, with the places that are known. */
    public function index(Narrated $narrated, UnitSystem $units): void
    {
        $placed = array_filter($this->of($narrated, $units), static fn (Proposal $each) => $each->isWhole());
        $this->words->add($narrated, array_values(array_map(
            static fn (Proposal $each) => [$each->entry->atS ?? 0.0, $each->entry->fromM ?? 0.0], $placed,
        )));
    }

    /** @return list<Proposal> what was found, in the order of time */
    public function of(Narrated $narrated, UnitSystem $units): array
    {
        $settled = $narrated->settled();

        return array_map(
            static fn (Entry $entry) => new Proposal($entry, $entry->key(), $settled[$entry->key()] ?? null),
            array_values(array_filter(
                $this->entries($narrated, $units, $this->reel($narrated->run)), static fn (Entry $entry) => Entry::REACHED !== $entry->kind,
            )),
        );
    }

    /** @return list<RunProposal> what is said of the run itself, in the order of time */
    public function ofRun(Narrated $narrated, UnitSystem $units): array
    {
        $reel = $this->reel($narrated->run);

        return RunProposals::of($narrated, $this->entries($narrated, $units, $reel), $units, $reel);
    }

    /** @return list<Entry> in the order of time */
    private function entries(Narrated $narrated, UnitSystem $units, Reel $reel): array
    {
        $lexicon = Lexicon::of(SaidLines::LANGUAGE);
        $entries = Narration::read(Speech::timed($narrated->asCues(), $lexicon), $lexicon, $units, $reel);
        usort($entries, static fn (Entry $one, Entry $other) => $one->atS <=> $other->atS);

        return $entries;
    }

    /**
     * The entry that a proposal becomes.
     *
     * @param array{from?: string, to?: string} $typed its place, where that was not said
     *
     * @throws RefusedEntry
     */
    public function entry(
        Proposal $proposal, Narrated $narrated, array $typed, UnitSystem $units, \DateTimeImmutable $now,
    ): LoggedFinding|Mark {
        $entry = $proposal->entry;
        $id = Id::of($now, $narrated->id.$proposal->key);
        if (Entry::MARK === $entry->kind) {
            return self::mark($entry, $id, $narrated->run, $now);
        }
        // The water had been off for so long when it was said, not when it is accepted.
        $saidAtMs = 1000 * $narrated->run->startedAt->getTimestamp() + (int) (1000 * ($entry->atS ?? 0));
        $fields = SaidFields::of($entry, '', $saidAtMs);
        $fields = array_filter($typed, static fn (string $place) => '' !== trim($place)) + $fields;

        return FindingEntry::read($id, $fields + ['recorded_s' => (string) ($entry->atS ?? '')], $narrated->run, $units, $now);
    }

    /** @throws RefusedEntry for a mark of which nobody said where or how deep it is */
    private static function mark(Entry $entry, string $id, Run $run, \DateTimeImmutable $now): Mark
    {
        if (null === $entry->fromM || null === $entry->depthM) {
            throw new RefusedEntry(['from' => ['code' => null === $entry->fromM ? 'distance_missing' : 'depth_missing', 'allowed' => []]]);
        }
        $details = new MarkDetails();
        $details->atM = $entry->fromM;
        $details->depthsM = null === $entry->depthToM ? [$entry->depthM] : [$entry->depthM, $entry->depthToM];
        $details->note = $entry->said;

        return new Mark($id, $run, $now, $details);
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
