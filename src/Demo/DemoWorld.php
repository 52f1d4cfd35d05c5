<?php

declare(strict_types=1);

namespace App\Demo;

use App\Firm\Account;
use App\Firm\Firm;
use App\Firm\Role;
use App\Firm\StartingKit;
use App\Work\SaidWords;
use App\Work\Tracks;
use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

/** Fills an empty database with an invented harbour town: its firms, people, jobs. */
final readonly class DemoWorld
{
    public const PASSWORD = 'jurvex-demo';

    public function __construct(
        private EntityManagerInterface $manager,
        private UserPasswordHasherInterface $hasher,
        private Tracks $tracks,
        private SaidWords $words,
    ) {
    }

    public function build(\DateTimeImmutable $now): void
    {
        $tideway = $this->firm(
            'Tideway Drains',
            [
                'ana' => ['Ana Terek', Role::Technician, UnitSystem::Metric],
                'office' => ['Ruben Solle', Role::Office, UnitSystem::Metric],
                'owner' => ['Ines Dorval', Role::Owner, UnitSystem::Metric],
            ],
            'tideway.example',
        );
        $lantern = $this->firm(
            'Lantern Drain Service',
            [
                'bo' => ['Bo Hallin', Role::Technician, UnitSystem::FeetAndInches],
                'office' => ['Mina Kray', Role::Office, UnitSystem::FeetAndInches],
                'owner' => ['Jon Pell', Role::Owner, UnitSystem::FeetAndInches],
            ],
            'lantern.example',
        );
        $demo = new DemoEntries($this->manager, $this->tracks, $now);
        (new PotteryStudio($demo))->build($tideway);
        (new TidewayJobs($demo))->build($tideway);
        (new LongLooks($demo))->build($tideway);
        (new YearsJobs($demo))->build($tideway);
        // Its own prices, in its own currency; the other firm still has the starting values.
        $lantern->price(['dig' => ['start' => [520, 880]], 'items' => ['call_out' => [95, 150]]], '$');
        (new LanternJobs($demo))->build($lantern);
        (new NarratedRun($demo, $this->manager, $this->words))->build($lantern);
        $this->manager->flush();
    }

    /** @param array<string, array{string, Role, UnitSystem}> $people by the first part of their address */
    private function firm(string $name, array $people, string $domain): Firm
    {
        $firm = Firm::madeUp($name, 'Europe/Lisbon');
        array_map($this->manager->persist(...), [$firm, ...StartingKit::of($firm)]);
        foreach ($people as $address => [$person, $role, $units]) {
            $account = new Account($firm, $address.'@'.$domain, $person, $role);
            $account->prefer($units, $account->theme());
            $account->changePassword($this->hasher->hashPassword($account, self::PASSWORD));
            $this->manager->persist($account);
        }

        return $firm;
    }
}
