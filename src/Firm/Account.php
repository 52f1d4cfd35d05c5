<?php

declare(strict_types=1);

namespace App\Firm;

use App\Support\Database\Id;
use App\Support\Logging\OfAFirm;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Component\Security\Core\User\EquatableInterface;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\UserInterface;

/** Somebody of a firm who can sign in. */
#[ORM\Entity]
class Account implements UserInterface, PasswordAuthenticatedUserInterface, EquatableInterface, OfAFirm
{
    #[ORM\Id, ORM\Column(length: 36)]
    public readonly string $id;

    #[ORM\Column]
    private string $password = '';

    #[ORM\Column(enumType: UnitSystem::class)]
    private UnitSystem $units = UnitSystem::Metric;

    #[ORM\Column(enumType: Theme::class)]
    private Theme $theme = Theme::Day;

    #[ORM\Column(enumType: Hand::class, options: ['default' => 'right'])]
    private Hand $hand = Hand::Right;

    /** Its code; none asks the browser. */
    #[ORM\Column(length: 12, nullable: true)]
    private ?string $language = null;

    /** Since when nobody signs in with it; none where it is in use. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $disabledAt = null;

    /** Counts how often this person signed out everywhere: sessions of an earlier count are over. */
    #[ORM\Column(options: ['default' => 0])]
    private int $signedOutEverywhere = 0;

    /** @param non-empty-string $email */
    public function __construct(
        #[ORM\ManyToOne(fetch: 'EAGER'), ORM\JoinColumn(nullable: false)]
        public readonly Firm $firm,
        #[ORM\Column(length: 180, unique: true)]
        public readonly string $email,
        #[ORM\Column(length: 120)]
        private string $name,
        #[ORM\Column(enumType: Role::class)]
        private Role $role,
    ) {
        $this->id = Id::fresh();
    }

    public function prefer(UnitSystem $units, Theme $theme, Hand $hand = Hand::Right): void
    {
        $this->units = $units;
        $this->theme = $theme;
        $this->hand = $hand;
    }

    /** @param ?string $language its code; none asks the browser */
    public function speak(?string $language): void
    {
        $this->language = $language;
    }

    public function language(): ?string
    {
        return $this->language;
    }

    public function rename(string $name): void
    {
        $this->name = $name;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function role(): Role
    {
        return $this->role;
    }

    /** Sessions of another role end. */
    public function become(Role $role): void
    {
        $this->role = $role;
    }

    /** Its sessions end, and nobody signs in with it. */
    public function disable(\DateTimeImmutable $at): void
    {
        $this->disabledAt ??= $at;
    }

    public function enable(): void
    {
        $this->disabledAt = null;
    }

    public function disabledAt(): ?\DateTimeImmutable
    {
        return $this->disabledAt;
    }

    /** Whether nobody may sign in with it: it is disabled, or its firm closed. */
    public function isShut(): bool
    {
        return null !== $this->disabledAt || null !== $this->firm->access()->closedAt();
    }

    public function firmId(): string
    {
        return $this->firm->id;
    }

    public function changePassword(#[\SensitiveParameter] string $hash): void
    {
        $this->password = $hash;
    }

    public function signOutEverywhere(): void
    {
        ++$this->signedOutEverywhere;
    }

    /** Whether a session's person is still this one: no other password or role since, neither signed out everywhere nor disabled. */
    public function isEqualTo(UserInterface $user): bool
    {
        return $user instanceof self
            && !$user->isShut()
            && [$user->id, $user->password, $user->role, $user->signedOutEverywhere]
                === [$this->id, $this->password, $this->role, $this->signedOutEverywhere];
    }

    public function units(): UnitSystem
    {
        return $this->units;
    }

    public function hand(): Hand
    {
        return $this->hand;
    }

    public function theme(): Theme
    {
        return $this->theme;
    }

    public function getUserIdentifier(): string
    {
        return $this->email;
    }

    public function getRoles(): array
    {
        return [$this->role->asSecurityRole()];
    }

    public function getPassword(): string
    {
        return $this->password;
    }

    public function eraseCredentials(): void
    {
    }
}
