<?php

declare(strict_types=1);

namespace App\HandOver\JobFile;

use App\Record\Opening;
use App\Support\Database\Withdrawable;
use App\Support\Files\FileError;
use App\Support\Files\RefusedFile;
use Jurvex\Core\Input\BadInput;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/** What is being taken in of one job file: its entries so far, and all that is wrong with it. */
final class Intake
{
    /** @var list<FileError> */
    private array $errors = [];

    /** @var list<object> */
    private array $entries = [];

    /** @var array<string, true> */
    private array $ids = [];

    /** @var list<\Closure(): void> */
    private array $later = [];

    /** @var array<string, Opening> */
    private array $openings = [];

    public function __construct(private readonly DetailsMapper $details, private readonly ValidatorInterface $validator)
    {
    }

    public function add(object $entry): void
    {
        $this->entries[] = $entry;
        if ($entry instanceof Opening) {
            $this->openings[$entry->id] = $entry;
        }
    }

    /**
     * Work that stores what is too large to be held until everything has been read.
     *
     * @param \Closure(): void $store called when all entries are stored, within the same transaction
     */
    public function later(\Closure $store): void
    {
        $this->later[] = $store;
    }

    public function storeTheRest(): void
    {
        foreach ($this->later as $store) {
            $store();
        }
    }

    /** @return list<object> */
    public function entries(): array
    {
        return $this->entries;
    }

    /** @param array<string, scalar> $allowed */
    public function refuse(string $at, string $code, array $allowed = []): void
    {
        $this->errors[] = new FileError($at, $code, $allowed);
    }

    /** @throws RefusedFile when anything was refused */
    public function end(): void
    {
        if ([] !== $this->errors) {
            throw new RefusedFile($this->errors);
        }
    }

    /** The row's identifier, which no other row may have. */
    public function id(Row $row): string
    {
        $id = $row->text('id');
        if (isset($this->ids[$id])) {
            $this->refuse($row->below('id'), 'job_file.twice');
        }
        $this->ids[$id] = true;

        return $id;
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_map(strval(...), array_keys($this->ids));
    }

    /** The opening of this file that a row names; none where it names none. */
    public function opening(Row $row, string $key): ?Opening
    {
        $id = $row->optionalText($key);
        if (null === $id) {
            return null;
        }
        if (!isset($this->openings[$id])) {
            $this->refuse($row->below($key), 'job_file.not_in_file');
        }

        return $this->openings[$id] ?? null;
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    public function details(Row $row, string $class): object
    {
        $details = $this->details->read($row->values, $class);
        foreach ($this->validator->validate($details) as $violation) {
            $this->refuse($row->below($violation->getPropertyPath()), 'said', ['text' => (string) $violation->getMessage()]);
        }

        return $details;
    }

    /**
     * Work of the core on what stands at a place of the file.
     *
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return ?T none when the core refuses it
     */
    public function attempt(string $at, \Closure $work): mixed
    {
        try {
            return $work();
        } catch (BadInput $error) {
            $why = $error->allowed['why'] ?? null;
            $this->refuse($at.'.'.$error->at, \is_string($why) ? 'bad_map.'.$why : $error->reason, $error->allowed);

            return null;
        }
    }

    /**
     * Adds an entry, withdrawn as the row has it.
     *
     * @param object $entry of a class that uses Withdrawable
     */
    public function addWithdrawable(object $entry, Row $row): void
    {
        $at = $row->optionalTime('withdrawn_at');
        if (null !== $at && method_exists($entry, 'withdraw')) {
            $entry->withdraw($at);
        }
        $this->add($entry);
    }
}
