<?php

declare(strict_types=1);

namespace App\Firm;

use App\Support\Web\AddressLetters;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;

/** Makes links by which somebody joins or gives themselves a new password, and finds the one of an address. */
final readonly class AccessLinks
{
    private const KEY_BYTES = 32;

    public function __construct(private EntityManagerInterface $manager, private ClockInterface $clock)
    {
    }

    /** @return string the key that its address ends in: it is known to nobody else */
    public function invite(Firm $firm, string $email, string $name, Role $role): string
    {
        $key = self::freshKey();
        $this->keepOnly(AccessLink::toJoin(self::hash($key), $firm, $email, $name, $role, $this->clock->now()));

        return $key;
    }

    public function newPassword(Account $account): string
    {
        $key = self::freshKey();
        $this->keepOnly(AccessLink::toANewPassword(self::hash($key), $account, $this->clock->now()));

        return $key;
    }

    public function find(string $key, AccessFor $for): ?AccessLink
    {
        $link = $this->manager->getRepository(AccessLink::class)->findOneBy(['hash' => self::hash($key), 'for' => $for]);

        return true === $link?->isOpen($this->clock->now()) ? $link : null;
    }

    /** @return list<AccessLink> invitations that nobody has taken up yet */
    public function open(Firm $firm): array
    {
        $links = $this->manager->getRepository(AccessLink::class)
            ->findBy(['firm' => $firm, 'for' => AccessFor::Join, 'usedAt' => null], ['madeAt' => 'DESC']);

        return array_values(array_filter($links, fn (AccessLink $link) => $link->isOpen($this->clock->now())));
    }

    /** An earlier one to the same address for the same ends. */
    private function keepOnly(AccessLink $link): void
    {
        $links = $this->manager->getRepository(AccessLink::class);
        $earlier = $links->findBy(['email' => $link->email, 'for' => $link->for, 'usedAt' => null]);
        foreach ($earlier as $each) {
            $each->end($this->clock->now());
        }
        $this->manager->persist($link);
        $this->manager->flush();
    }

    private static function freshKey(): string
    {
        return AddressLetters::of(random_bytes(self::KEY_BYTES));
    }

    private static function hash(string $key): string
    {
        return hash('sha256', $key);
    }
}
