<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\FindingRepository;
use App\Record\Narrated;
use App\Record\NarratedFrom;
use App\Record\NarratedRepository;
use App\Record\Run;
use App\Support\Database\Id;
use App\Support\Wording\Languages;
use Jurvex\Core\Finding\Extent;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Say\Command;
use Jurvex\Core\Say\Entry;
use Jurvex\Core\Say\Lexicon;
use Jurvex\Core\Say\Narration;
use Jurvex\Core\Say\Reading;
use Jurvex\Core\Say\Reel;
use Jurvex\Core\Say\Speech;

/** Reads what is said to the Look screen, line by line: each in the light of those just before it. */
final readonly class SaidLines
{
    /** What was said longer ago is another matter, in seconds. */
    private const REMEMBERED_S = 120;

    public function __construct(private NarratedRepository $narrated, private FindingRepository $findings, private Languages $languages)
    {
    }

    /** @param ?float $atM where the camera is */
    public function read(string $id, Run $run, string $text, ?float $atM, UnitSystem $units, \DateTimeImmutable $at): SaidLine
    {
        $lexicon = Lexicon::of($this->languages->now());
        $seconds = max(0.0, (float) $at->format('U.u') - (float) $run->startedAt->format('U.u'));
        $line = new Narrated($id, $run, NarratedFrom::Line, '', [[$seconds, $seconds + 1, $text]], $at, $atM, $this->languages->now());
        $command = Command::in($text, $lexicon, $units);
        $pieces = null === $command ? Reading::of(Speech::written($text, $lexicon), $lexicon)->pieces() : [[$text, true]];
        $read = new SaidLine($line, $command, [], $pieces);
        if (null !== $command) {
            return $read;
        }
        $before = array_values(array_filter(
            $this->narrated->linesSince($run, $at->modify('-'.self::REMEMBERED_S.' seconds')),
            static fn (Narrated $each) => $each->id !== $id && $each->saidAt <= $at && $each->language === $line->language,
        ));

        $named = array_filter(self::heard([$line], $units), static fn (Entry $entry) => Entry::REACHED !== $entry->kind);
        $entries = $this->entries($before, $line, $units, $read->rest(), $named);

        return new SaidLine($line, null, $entries, $pieces, [] === $entries && [] !== $named);
    }

    /**
     * @param list<Narrated> $before
     * @param Entry[] $named what the line names by itself
     *
     * @return list<SaidEntry>
     */
    private function entries(array $before, Narrated $line, UnitSystem $units, string $rest, array $named): array
    {
        $settled = array_merge(...array_map(static fn (Narrated $each) => $each->settled(), [$line, ...$before]));
        $known = array_map(static fn (Entry $entry) => $entry->plain(), self::heard($before, $units));
        $said = [];
        foreach (self::heard([...$before, $line], $units) as $i => $entry) {
            $isSaid = $entry->plain() == ($known[$i] ?? []) && !$this->isBack($entry, $named, $settled, $line->run);
            if (Entry::REACHED !== $entry->kind && !$isSaid) {
                $said[] = $this->entry($entry, $line, $settled, $units, $rest);
            }
        }

        return $said;
    }

    /**
     * Whether it was taken back and is said once more.
     *
     * @param Entry[] $named
     * @param array<string, string> $settled
     */
    private function isBack(Entry $entry, array $named, array $settled, Run $run): bool
    {
        $stored = $settled[$entry->key()] ?? '';
        $isNamed = [] !== array_filter(
            $named, static fn (Entry $each) => [$each->kind, $each->fromM] === [$entry->kind, $entry->fromM],
        );

        return $isNamed && '' !== $stored && null !== $this->findings->ofRun($stored, $run)?->withdrawnAt();
    }

    /**
     * @param list<Narrated> $lines
     *
     * @return list<Entry>
     */
    private static function heard(array $lines, UnitSystem $units): array
    {
        $cues = $readings = [];
        foreach ($lines as $line) {
            $cue = $line->asCues()[0];
            $cues[] = $cue;
            if (null !== $line->atM) {
                array_push($readings, [$cue->fromS, $line->atM], [$cue->toS, $line->atM]);
            }
        }
        $lexicon = Lexicon::of($lines[0]->language ?? Lexicon::USUAL);

        return Narration::read(Reading::of(Speech::timed($cues, $lexicon, true), $lexicon), $units, new Reel($readings));
    }

    /** @param array<string, string> $settled */
    private function entry(Entry $entry, Narrated $line, array $settled, UnitSystem $units, string $rest): SaidEntry
    {
        $key = $entry->key();
        $stored = '' === ($settled[$key] ?? '') ? null : $this->findings->ofRun($settled[$key], $line->run);
        $kind = Kind::tryFrom($entry->kind);
        // A low spot waits for its end, and everything for its place.
        if (null === $entry->fromM || (Extent::Stretch === $kind?->extent() && null === $entry->toM)) {
            return new SaidEntry($entry, $key, null);
        }
        $id = Id::of($line->saidAt, $line->id.$key);
        if (null === $kind) {
            return new SaidEntry($entry, $key, SaidMark::of($entry, $id, $line->run, $line->saidAt));
        }
        $replaces = null === $stored || null !== $stored->withdrawnAt() ? null : $stored->id;
        $typed = SaidFields::of($entry, $rest, (int) $line->saidAt->format('Uv')) + ['replaces' => $replaces];
        try {
            $finding = FindingEntry::read($id, $typed, $line->run, $units, $line->saidAt);

            return new SaidEntry($entry, $key, $finding, [], $replaces);
        } catch (RefusedEntry $refused) {
            return new SaidEntry($entry, $key, null, $refused->errors);
        }
    }
}
