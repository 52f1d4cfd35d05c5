<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Say\Cue;
use Jurvex\Core\Say\Lexicon;

/** What was said on a run, word for word, and what became of each thing that was read from it. */
#[ORM\Entity(repositoryClass: NarratedRepository::class)]
class Narrated implements JobEntry
{
    /** @var array<string, string> by the key of an entry the finding or mark that it became; empty where it was turned down */
    #[ORM\Column(type: 'json')]
    private array $settled = [];

    /**
     * @param list<array{float, float, string}> $cues from and to in seconds, and what was said; of a line since the run began, of a
     *                                                recording since that began
     * @param string $name of the file; empty for a line
     * @param ?float $atM where the camera was, for a line
     */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        public readonly Run $run,
        #[ORM\Column(name: '`source`', enumType: NarratedFrom::class)]
        public readonly NarratedFrom $source,
        #[ORM\Column(length: 200)]
        public readonly string $name,
        #[ORM\Column(type: 'json')]
        public readonly array $cues,
        #[ORM\Column]
        public readonly \DateTimeImmutable $saidAt,
        #[ORM\Column(nullable: true)]
        public readonly ?float $atM = null,
        /** The language that was spoken, by its code. */
        #[ORM\Column(length: 12, options: ['default' => Lexicon::USUAL])]
        public readonly string $language = Lexicon::USUAL,
    ) {
    }

    /** @param list<Cue> $cues of a recording, in the order of time */
    public static function recording(
        string $id, Run $run, string $name, array $cues, \DateTimeImmutable $at, string $language = Lexicon::USUAL,
    ): self {
        $said = array_map(static fn (Cue $cue) => [$cue->fromS, $cue->toS, $cue->text], $cues);

        return new self($id, $run, NarratedFrom::Recording, $name, $said, $at, language: $language);
    }

    public function id(): string
    {
        return $this->id;
    }

    public function job(): Job
    {
        return $this->run->job;
    }

    /** @return list<Cue> */
    public function asCues(): array
    {
        return array_map(static fn (array $cue) => new Cue((float) $cue[0], (float) $cue[1], $cue[2]), $this->cues);
    }

    /** @param string $became a finding or mark; empty where it was turned down */
    public function settle(string $key, string $became): void
    {
        $this->settled[$key] = $became;
    }

    public function unsettle(string $key): void
    {
        unset($this->settled[$key]);
    }

    /** @return array<string, string> by key */
    public function settled(): array
    {
        return $this->settled;
    }

    /** All that was said. */
    public function text(): string
    {
        return implode("\n", array_column($this->cues, 2));
    }
}
