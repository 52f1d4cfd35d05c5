<?php

declare(strict_types=1);

namespace App\HandOver\JobFile;

use App\Support\Files\FileError;
use App\Support\Files\RefusedFile;

/**
 * A JSON document read from a stream with its limits applied while reading. The long texts of some keys (pictures,
 * readings) are laid aside in files; the document holds a mark of their content in their place.
 */
final class SpilledJson
{
    private const MARK = "\0aside:";
    private const LAID_ASIDE = ['photo', 'lines'];
    private const CHUNK = 65_536;
    private const SHORT = 4_096;
    private const LONGEST_TEXT = 65_536;
    private const LONGEST_ASIDE = 17_000_000;
    private const MOST_BYTES = 200 * 1024 * 1024;
    /** Of what is left when long texts and the space between are gone. */
    private const MOST_REST = 4_000_000;

    public readonly string $json;

    /** @var array<string, resource> what was laid aside, still escaped, by its mark */
    private array $aside = [];

    private string $rest = '';
    /** The text that is being read, the one before it, and the key whose value is being read. */
    private string $text = '';
    private string $last = '';
    private string $key = '';
    private bool $inText = false;
    private bool $isEscaped = false;
    private int $length = 0;

    /** @var ?resource */
    private $file;

    /**
     * @param resource $stream
     *
     * @throws RefusedFile when it is too large
     */
    public function __construct($stream)
    {
        $bytes = 0;
        while (!feof($stream)) {
            $chunk = (string) fread($stream, self::CHUNK);
            $bytes += \strlen($chunk);
            if ($bytes > self::MOST_BYTES) {
                throw new RefusedFile([new FileError('', 'job_file.too_large')]);
            }
            $this->take($chunk);
        }
        // A text without an end is no JSON, and is refused as that.
        $this->json = $this->rest.($this->inText ? '"' : '');
        $this->rest = '';
    }

    /** A value of the document as it was given. */
    public function whole(string $value): string
    {
        if (!isset($this->aside[$value])) {
            return $value;
        }
        rewind($this->aside[$value]);
        $text = json_decode('"'.stream_get_contents($this->aside[$value]).'"');

        return \is_string($text) ? $text : '';
    }

    private function take(string $chunk): void
    {
        for ($i = 0, $end = \strlen($chunk); $i < $end;) {
            if (!$this->inText) {
                $run = strcspn($chunk, '"', $i);
                $this->between(substr($chunk, $i, $run));
                $i += $run + 1;
                $this->inText = $i <= $end;
                $this->text = '';
                continue;
            }
            if ($this->isEscaped) {
                $this->add($chunk[$i++]);
                $this->isEscaped = false;
                continue;
            }
            $run = strcspn($chunk, '"\\', $i);
            $this->add(substr($chunk, $i, $run));
            $i += $run;
            if ($i < $end) {
                '"' === $chunk[$i] ? $this->end() : $this->add('\\');
                $this->isEscaped = '\\' === $chunk[$i];
                ++$i;
            }
        }
    }

    /** What stands between two texts, without the space in it. */
    private function between(string $piece): void
    {
        $piece = str_replace([' ', "\n", "\r", "\t"], '', $piece);
        if (str_starts_with($piece, ':')) {
            $this->key = $this->last;
        } elseif ('' !== $piece) {
            $this->key = '';
        }
        if ('' !== $piece) {
            $this->keep($piece);
        }
    }

    private function add(string $piece): void
    {
        $this->length += \strlen($piece);
        if (null === $this->file && $this->length > self::SHORT && \in_array($this->key, self::LAID_ASIDE, true)) {
            $this->file = fopen('php://temp/maxmemory:0', 'r+') ?: null;
            \assert(null !== $this->file);
            fwrite($this->file, $this->text);
            $this->text = '';
        }
        if ($this->length > (null === $this->file ? self::LONGEST_TEXT : self::LONGEST_ASIDE)) {
            throw new RefusedFile([new FileError($this->key, 'too_long')]);
        }
        if (null === $this->file) {
            $this->text .= $piece;
        } else {
            fwrite($this->file, $piece);
        }
    }

    private function end(): void
    {
        if (null !== $this->file) {
            rewind($this->file);
            $hash = hash_init('sha256');
            hash_update_stream($hash, $this->file);
            $mark = self::MARK.hash_final($hash);
            $this->aside[$mark] = $this->file;
            $this->file = null;
            $this->text = substr((string) json_encode($mark), 1, -1);
        }
        $this->last = $this->text;
        $this->keep('"'.$this->text.'"');
        $this->inText = false;
        $this->length = 0;
    }

    private function keep(string $piece): void
    {
        $this->rest .= $piece;
        if (\strlen($this->rest) > self::MOST_REST) {
            throw new RefusedFile([new FileError('', 'job_file.too_large')]);
        }
    }
}
