<?php

declare(strict_types=1);

namespace App\Work;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Judge\Judge;
use Jurvex\Core\Judge\Judgement;
use Jurvex\Core\Judge\Override;
use Jurvex\Core\Run\RunRecord;

/**
 * The judgements of a run by finding, each made when it is first asked for: of twenty looks at a line only the newest sighting of
 * each thing is judged.
 *
 * @implements \ArrayAccess<string, Judgement>
 */
final class Judgements implements \ArrayAccess
{
    /** @var ?array<string, Finding> */
    private ?array $findings = null;

    /** @var array<string, Judgement> */
    private array $made = [];

    /** @param array<string, Override> $own the technician's own opinions by finding */
    public function __construct(private readonly Judge $judge, private readonly RunRecord $run, private readonly array $own)
    {
    }

    /** @return array<string, Judgement> by finding, in the order of the run */
    public function all(): array
    {
        $all = [];
        foreach ($this->run->findings as $finding) {
            $all[$finding->id] = $this[$finding->id];
        }

        return $all;
    }

    /** What the technician said of a finding; nothing is judged for it. */
    public function own(string $finding): ?Override
    {
        return $this->own[$finding] ?? null;
    }

    public function offsetExists(mixed $offset): bool
    {
        return isset($this->findings()[$offset]);
    }

    public function offsetGet(mixed $offset): Judgement
    {
        return $this->made[$offset] ??= $this->judged($offset);
    }

    public function offsetSet(mixed $offset, mixed $value): never
    {
        throw new \LogicException('A judgement is made by the rules.');
    }

    public function offsetUnset(mixed $offset): never
    {
        throw new \LogicException('A judgement stays.');
    }

    private function judged(string $id): Judgement
    {
        $judgement = $this->judge->judge($this->findings()[$id], $this->run);

        return isset($this->own[$id]) ? $judgement->overriddenBy($this->own[$id]) : $judgement;
    }

    /** @return array<string, Finding> by identifier */
    private function findings(): array
    {
        return $this->findings ??= array_column($this->run->findings, null, 'id');
    }
}
