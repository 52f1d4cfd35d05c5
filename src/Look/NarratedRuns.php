<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\LoggedFinding;
use App\Record\Mark;
use App\Record\Narrated;
use App\Record\Opening;
use App\Record\OpeningDetails;
use App\Record\OpeningKind;
use App\Record\Run;
use App\Support\Database\Id;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Say\Entry;
use Jurvex\Core\Say\Lexicon;
use Jurvex\Core\Say\OfRun;
use Jurvex\Core\Say\RunBegins;
use Jurvex\Core\Sketch\Source;

/** The looks that one recording talks through: the first is the one that it was given to, another begins where somebody accepts that. */
final readonly class NarratedRuns
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /**
     * @param list<Entry|OfRun> $said
     *
     * @return array<int, ?Run> by their numbers; none where nobody has said yet whether another look begins
     */
    public function of(Narrated $narrated, array $said): array
    {
        $numbers = array_values(array_unique(array_map(static fn (Entry|OfRun $each) => $each->run, $said)));
        sort($numbers);
        $settled = $narrated->settled();
        $runs = [];
        $run = $narrated->run;
        foreach ($numbers as $i => $number) {
            $begin = 0 === $i ? null : self::begins($said, $number);
            $became = null === $begin ? '' : $settled[$begin->key()] ?? null;
            // Turned down, it is still the look before.
            $run = '' === $became ? $run : (null === $became ? null : $this->manager->find(Run::class, $became));
            $runs[$number] = $run;
            $run ??= $narrated->run;
        }

        return $runs;
    }

    /** @param list<Entry|OfRun> $said */
    private static function begins(array $said, int $number): ?OfRun
    {
        foreach ($said as $each) {
            if ($each instanceof OfRun && OfRun::BEGIN === $each->what && $each->run === $number) {
                return $each;
            }
        }

        return null;
    }

    /**
     * Another look begins: through an opening of the job that it can be, else through one that is only told of.
     *
     * @param string $typed through what, where that was not said
     *
     * @throws RefusedEntry where nobody says through what
     */
    public function begin(OfRun $said, Narrated $narrated, string $typed): Run
    {
        $before = $narrated->run;
        $details = clone $before->details();
        [$details->material, $details->boreMm, $details->expectedM, $details->waterOn] = [Material::Unknown, null, null, null];
        $details->travel = $said->travel ?? $details->travel;
        $opening = $this->opening($said, $narrated, $typed);
        $startedAt = $before->startedAt->modify(\sprintf('+%d seconds', $said->atS ?? 0));
        $run = new Run(Id::of($narrated->saidAt, $narrated->id.$said->key()), $before->job, $opening, $startedAt, $details);
        $this->manager->persist($opening);
        $this->manager->persist($run);

        return $run;
    }

    /** @throws RefusedEntry */
    private function opening(OfRun $said, Narrated $narrated, string $typed): Opening
    {
        $before = $narrated->run->opening;
        $kind = OpeningKind::tryFrom($said->value)
            ?? OpeningKind::tryFrom(RunBegins::opening($typed, Lexicon::of($narrated->language)));
        if (null === $kind && !$said->isOther) {
            return $before;
        }
        $isSame = !$said->isOther && $kind === $before->details()->kind;
        foreach ($isSame ? [$before] : $narrated->run->job->openings() as $opening) {
            if ($isSame || ($opening !== $before && $opening->details()->kind === ($kind ?? $opening->details()->kind))) {
                return $opening;
            }
        }
        $details = new OpeningDetails();
        $details->kind = $kind ?? throw new RefusedEntry(['from' => ['code' => 'opening_kind_missing', 'allowed' => []]]);
        [$details->place, $details->source] = [mb_substr('' === trim($typed) ? $said->said : $typed, 0, 200), Source::Told];

        return new Opening(Id::of($narrated->saidAt, $narrated->id.$said->key().'opening'), $narrated->run->job, $details);
    }

    /**
     * No other look begins there after all.
     *
     * @throws RefusedEntry where something was logged on it by now
     */
    public function takeBack(Run $run, \DateTimeImmutable $now): void
    {
        foreach ([LoggedFinding::class, Mark::class] as $class) {
            if ($this->manager->getRepository($class)->count(['run' => $run]) > 0) {
                throw new RefusedEntry(['from' => ['code' => 'run_has_entries', 'allowed' => []]]);
            }
        }
        $opening = $run->opening;
        $this->manager->remove($run);
        $job = $run->job;
        $others = array_filter($job->runs(), static fn (Run $each) => $each !== $run && $each->opening === $opening);
        if ([] === $others && Source::Told === $opening->details()->source && $opening !== $job->chosenOpening()) {
            $opening->withdraw($now);
        }
    }
}
