<?php

declare(strict_types=1);

namespace App\Work;

use App\Firm\Account;
use App\Record\MapVersion;
use App\Record\Property;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Sketch\Sketch;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Lock\LockFactory;

/** Changes line maps, one change after the other for each property, and keeps what was before. */
final readonly class LineMaps
{
    public function __construct(
        private EntityManagerInterface $manager, private Security $security, private LockFactory $locks,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param \Closure(Sketch): Sketch $change
     *
     * @throws BadInput when the change makes no map; then nothing is stored
     */
    public function change(Property $property, \Closure $change): Sketch
    {
        return $this->alone($property, function () use ($property, $change): Sketch {
            $before = $property->map();
            $after = $change($property->sketch());
            if ($property->hasMap() && $after->plain() === $property->sketch()->plain()) {
                return $after;
            }
            $account = $this->security->getUser();
            $property->draw($after);
            $this->manager->persist($property);
            $this->manager->persist(
                new MapVersion($property, $before, $account instanceof Account ? $account->name() : '', $this->clock->now()),
            );
            $this->manager->flush();

            return $after;
        });
    }

    /** Takes the last change back; nothing when there is none. */
    public function undo(Property $property): void
    {
        $this->alone($property, function () use ($property): void {
            $last = $this->last($property);
            if (null === $last) {
                return;
            }[] === $last->map ? $property->wipe() : $property->draw(Sketch::read(new Input($last->map)));
            $last->undo();
            $this->manager->flush();
        });
    }

    public function canUndo(Property $property): bool
    {
        return null !== $this->last($property);
    }

    private function last(Property $property): ?MapVersion
    {
        return $this->manager->getRepository(MapVersion::class)->findOneBy(['property' => $property, 'undone' => false], ['id' => 'DESC']);
    }

    /**
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     */
    private function alone(Property $property, \Closure $work): mixed
    {
        $lock = $this->locks->createLock('line-map-'.$property->id);
        $lock->acquire(true);
        try {
            if ($this->manager->contains($property)) {
                $this->manager->refresh($property);
                $property->forget();
            }

            return $work();
        } finally {
            $lock->release();
        }
    }
}
