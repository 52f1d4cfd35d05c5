<?php

declare(strict_types=1);

namespace App\Record;

use Doctrine\Common\Collections\Collection;
use Jurvex\Core\Clear\Machine;
use Jurvex\Core\Triage\Answer;
use Jurvex\Core\Triage\DangerSign;

/** What was seen and said at the site of a job: places looked at, tests made, danger signs, gates of machines. */
final readonly class SiteEvidence
{
    /**
     * @param Collection<int, SeenPlace> $places
     * @param Collection<int, TestMade> $tests
     * @param Collection<int, DangerSaid> $signs
     * @param Collection<int, GateLine> $lines
     * @param Collection<int, PreUseCheck> $checks
     */
    public function __construct(
        private Job $job,
        private Collection $places,
        private Collection $tests,
        private Collection $signs,
        private Collection $lines,
        private Collection $checks,
    ) {
    }

    /** @param ?Answer $answer none to take it back */
    public function see(string $node, ?Answer $answer, \DateTimeImmutable $at): void
    {
        $place = $this->places->findFirst(static fn (int $i, SeenPlace $place) => $place->node === $node);
        if (null === $answer) {
            $place?->withdraw($at);
        } elseif (null === $place) {
            $this->places->add(new SeenPlace($this->job, $node, $answer));
        } else {
            $place->say($answer);
        }
    }

    /** @return array<string, Answer> by node of the line map */
    public function seen(): array
    {
        $seen = [];
        foreach ($this->places as $place) {
            if (null === $place->withdrawnAt()) {
                $seen[$place->node] = $place->answer();
            }
        }

        return $seen;
    }

    /** @param ?Answer $answer none to take it back */
    public function makeTest(string $run, string $watched, ?Answer $answer, string $by, \DateTimeImmutable $at): void
    {
        $test = $this->tests->findFirst(
            static fn (int $i, TestMade $test) => [$test->run, $test->watched] === [$run, $watched],
        );
        if (null === $answer) {
            $test?->withdraw($at);
        } elseif (null === $test) {
            $this->tests->add(new TestMade($this->job, $run, $watched, $answer, $by, $at));
        } else {
            $test->say($answer, $by, $at);
        }
    }

    /** @return list<TestMade> */
    public function tests(): array
    {
        return array_values($this->tests->filter(static fn (TestMade $test) => null === $test->withdrawnAt())->toArray());
    }

    public function sayDanger(DangerSign $sign, DangerState $state, string $by, \DateTimeImmutable $at): void
    {
        $said = $this->dangers()[$sign->value] ?? null;
        if (null === $said) {
            $this->signs->add(new DangerSaid($this->job, $sign, $state, $by, $at));
        } else {
            $said->say($state, $by, $at);
        }
    }

    /** @return array<string, DangerSaid> by danger sign */
    public function dangers(): array
    {
        $said = [];
        foreach ($this->signs as $danger) {
            $said[$danger->sign->value] = $danger;
        }

        return $said;
    }

    /** @return list<DangerSign> that are there and not yet made safe */
    public function presentDangers(): array
    {
        $said = $this->dangers();

        return array_values(array_filter(
            DangerSign::cases(),
            static fn (DangerSign $sign) => true === ($said[$sign->value] ?? null)?->isPresent(),
        ));
    }

    public function confirmGate(Machine $machine, string $line, bool $confirmed, string $by, \DateTimeImmutable $at): void
    {
        $said = $this->lines->findFirst(
            static fn (int $i, GateLine $said) => $said->machine === $machine && $said->line === $line,
        );
        if (!$confirmed) {
            $said?->withdraw($at);
        } elseif (null === $said) {
            $this->lines->add(new GateLine($this->job, $machine, $line, $by, $at));
        } else {
            $said->confirm($by, $at);
        }
    }

    /** @return list<GateLine> that are confirmed */
    public function confirmedLines(): array
    {
        return array_values($this->lines->filter(static fn (GateLine $said) => null === $said->withdrawnAt())->toArray());
    }

    /** None while nobody has confirmed it. */
    public function confirmed(Machine $machine, string $line): ?GateLine
    {
        foreach ($this->confirmedLines() as $said) {
            if ($said->machine === $machine && $said->line === $line) {
                return $said;
            }
        }

        return null;
    }

    /** Whether anybody has confirmed a line of a machine's gate. */
    public function isBegun(Machine $machine): bool
    {
        return \count($this->unconfirmed($machine)) < \count($machine->gate());
    }

    /** @return list<string> lines of a machine's gate that nobody has confirmed */
    public function unconfirmed(Machine $machine): array
    {
        return array_values(array_filter($machine->gate(), fn (string $line) => null === $this->confirmed($machine, $line)));
    }

    /** @param string $reason why a machine starts with a failed check all the same */
    public function check(Machine $machine, string $line, bool $good, string $reason, string $by, \DateTimeImmutable $at): void
    {
        $said = $this->checked($machine, $line);
        if (null === $said) {
            $this->checks->add(new PreUseCheck($this->job, $machine, $line, $good, $good ? '' : $reason, $by, $at));
        } else {
            $said->say($good, $reason, $by, $at);
        }
    }

    /** None while nobody has looked. */
    public function checked(Machine $machine, string $line): ?PreUseCheck
    {
        return $this->checks->findFirst(
            static fn (int $i, PreUseCheck $said) => $said->machine === $machine && $said->line === $line,
        );
    }

    /** @return list<PreUseCheck> */
    public function checks(): array
    {
        return array_values($this->checks->toArray());
    }

    /** @return list<PreUseCheck> failed, and nobody has named a reason to start all the same */
    public function stopping(Machine $machine): array
    {
        return array_values(array_filter(
            $this->checks(), static fn (PreUseCheck $said) => $said->machine === $machine && $said->stops(),
        ));
    }

    /**
     * Nothing starts past a line of its gate that nobody has confirmed, past a failed check, or past a danger.
     *
     * @return list<string> what a machine is shut by, as `gates/line`, `checks/line` and `danger/sign`
     */
    public function shutting(Machine $machine): array
    {
        return [
            ...array_map(static fn (string $line) => 'gates/'.$line, $this->unconfirmed($machine)),
            ...array_map(static fn (PreUseCheck $said) => 'checks/'.$said->line, $this->stopping($machine)),
            ...array_map(static fn (DangerSign $sign) => 'danger/'.$sign->value, $this->presentDangers()),
        ];
    }

    public function isShutFor(Machine $machine): bool
    {
        return [] !== $this->shutting($machine);
    }
}
