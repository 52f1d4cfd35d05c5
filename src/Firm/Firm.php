<?php

declare(strict_types=1);

namespace App\Firm;

use App\Support\Database\Id;
use App\Support\Logging\OfAFirm;
use Doctrine\ORM\Mapping as ORM;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Judge\HouseRules;
use Jurvex\Core\Judge\School;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Mend\FirmPrices;
use Jurvex\Core\Sketch\AccessRules;
use Jurvex\Core\Triage\Tables;

/** A firm with its people, its jobs and its house rules. Nothing of one firm can be reached from another. */
#[ORM\Entity]
class Firm implements OfAFirm
{
    #[ORM\Id, ORM\Column(length: 36)]
    public readonly string $id;

    #[ORM\Column(enumType: School::class)]
    private School $waterSchool = School::Carrying;

    #[ORM\Column(enumType: School::class)]
    private School $rootsSchool = School::Upkeep;

    /** @var array<string, float> */
    #[ORM\Column(type: 'json')]
    private array $limits = [];

    /** @var array<mixed> house rules for openings, where they differ from the starting values */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    private array $accessRules = [];

    /** @var array<mixed> */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    private array $jetter = [];

    /** @var array<mixed> */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    private array $clearTables = [];

    /** @var array<mixed> tables of triage, where they differ from the usual ones */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    private array $triageTables = [];

    /** @var array<mixed> prices, where they differ from the starting values */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    private array $prices = [];

    /** Stands before every price. */
    #[ORM\Column(length: 4, options: ['default' => '€'])]
    private string $currency = '€';

    /** So long after a job a stoppage at the same place is the firm's to put right. */
    #[ORM\Column(options: ['default' => 6])]
    private int $guaranteeMonths = 6;

    /** Grows when the calendar's address is made anew: older addresses end. */
    #[ORM\Column(options: ['default' => 1])]
    private int $calendarTurn = 1;

    /** As it stands on reports. */
    #[ORM\Column(type: 'text', options: ['default' => ''])]
    private string $address = '';

    /** A picture as base64; nothing where there is none. */
    #[ORM\Column(type: 'text', options: ['default' => ''])]
    private string $logo = '';

    #[ORM\Embedded(class: FirmAccess::class, columnPrefix: false)]
    private FirmAccess $access;

    /** In which language reports are, by its code; none goes by who opens the job. */
    #[ORM\Column(length: 12, nullable: true)]
    private ?string $reportLanguage = null;

    /** None goes by who opens the job. */
    #[ORM\Column(enumType: UnitSystem::class, nullable: true)]
    private ?UnitSystem $reportUnits = null;

    /** Whether it is made up, with all its jobs: only there, and in practice, machines and reels may be simulated. */
    #[ORM\Column(options: ['default' => false])]
    private bool $demo = false;

    public function __construct(
        #[ORM\Column(length: 120, unique: true)]
        public readonly string $name,
        #[ORM\Column(length: 60)]
        public readonly string $timeZone,
    ) {
        $this->id = Id::fresh();
        $this->access = new FirmAccess();
        new \DateTimeZone($timeZone);
    }

    public function firmId(): string
    {
        return $this->id;
    }

    public static function madeUp(string $name, string $timeZone): self
    {
        $firm = new self($name, $timeZone);
        $firm->demo = true;

        return $firm;
    }

    /** @param string $logo a JPEG as base64; nothing takes it away */
    public function standOnReports(string $address, string $logo): void
    {
        $this->address = $address;
        $this->logo = $logo;
    }

    public function address(): string
    {
        return $this->address;
    }

    public function logo(): string
    {
        return $this->logo;
    }

    public function access(): FirmAccess
    {
        return $this->access;
    }

    public function report(?string $language, ?UnitSystem $units): void
    {
        $this->reportLanguage = $language;
        $this->reportUnits = $units;
    }

    public function reportLanguage(): ?string
    {
        return $this->reportLanguage;
    }

    public function reportUnits(): ?UnitSystem
    {
        return $this->reportUnits;
    }

    public function guarantee(int $months): void
    {
        $this->guaranteeMonths = $months;
    }

    public function guaranteeMonths(): int
    {
        return $this->guaranteeMonths;
    }

    public function turnCalendar(): void
    {
        ++$this->calendarTurn;
    }

    public function calendarTurn(): int
    {
        return $this->calendarTurn;
    }

    public function isMadeUp(): bool
    {
        return $this->demo;
    }

    /** @return array<string, mixed> schools and limits of its own */
    public function ownRules(): array
    {
        return ['water' => $this->waterSchool->value, 'roots' => $this->rootsSchool->value, ...$this->limits];
    }

    /** @return list<array<mixed>> rules for openings and tables of triage of its own */
    public function ownWayIn(): array
    {
        return [$this->accessRules, $this->triageTables];
    }

    /** @return array<mixed> tables of its own for clearing */
    public function ownClearTables(): array
    {
        return $this->clearTables;
    }

    public function rules(): HouseRules
    {
        return HouseRules::of($this->waterSchool, $this->rootsSchool, $this->limits);
    }

    /**
     * @param array<string, float> $limits those that differ from the starting values
     *
     * @throws \Jurvex\Core\Input\BadInput for a school or limit that cannot be
     */
    public function adopt(School $water, School $roots, array $limits): void
    {
        HouseRules::of($water, $roots, $limits);
        $this->waterSchool = $water;
        $this->rootsSchool = $roots;
        $this->limits = $limits;
    }

    public function accessRules(): AccessRules
    {
        return [] === $this->accessRules ? new AccessRules() : AccessRules::read(new Input($this->accessRules));
    }

    public function triageTables(): Tables
    {
        return Tables::changed(new Input($this->triageTables));
    }

    /**
     * @param array<mixed> $access of AccessRules
     * @param array<mixed> $triage what differs from the usual tables
     *
     * @throws \Jurvex\Core\Input\BadInput for a rule or chance that cannot be
     */
    public function adoptWayIn(array $access, array $triage): void
    {
        $rules = AccessRules::read((new Input(['access' => $access]))->object('access'));
        Tables::changed((new Input(['triage' => $triage]))->object('triage'));
        $this->accessRules = $rules->plain();
        $this->triageTables = $triage;
    }

    /** @return array<mixed> pump, hoses, nozzle and tank as the bench has them; nothing while nobody has put them right */
    public function jetter(): array
    {
        return $this->jetter;
    }

    /** @param array<mixed> $jetter that the bench has taken */
    public function keepJetter(array $jetter): void
    {
        $this->jetter = $jetter;
    }

    public function clearTables(): ClearTables
    {
        return ClearTables::read(new Input($this->clearTables));
    }

    /**
     * @param array<mixed> $tables what differs from the usual numbers
     *
     * @throws \Jurvex\Core\Input\BadInput for what cannot be
     */
    public function keepClearTables(array $tables): void
    {
        ClearTables::read(new Input($tables));
        $this->clearTables = $tables;
    }

    public function prices(): FirmPrices
    {
        return FirmPrices::of($this->prices);
    }

    /** Whether nobody has put a price of its own in. */
    public function hasStartingPrices(): bool
    {
        return [] === $this->prices;
    }

    /** @return array<mixed> what differs from the starting values */
    public function ownPrices(): array
    {
        return $this->prices;
    }

    public function currency(): string
    {
        return $this->currency;
    }

    /**
     * @param array<mixed> $prices what differs from the starting values
     *
     * @throws \Jurvex\Core\Input\BadInput for a price that cannot be
     */
    public function price(array $prices, string $currency): void
    {
        FirmPrices::of($prices);
        $this->prices = $prices;
        $this->currency = mb_substr(trim($currency), 0, 4);
    }

    /** The day that it is where the firm works, as midnight UTC of that date. */
    public function today(\DateTimeImmutable $now): \DateTimeImmutable
    {
        return new \DateTimeImmutable($now->setTimezone(new \DateTimeZone($this->timeZone))->format('Y-m-d'), new \DateTimeZone('UTC'));
    }
}
