<?php

declare(strict_types=1);

namespace Jurvex\Core\Triage;

/** What is asked before anything is tried, because it can hurt someone. */
enum DangerSign: string
{
    case SewageRising = 'sewage_rising';
    case GasSmell = 'gas_smell';
    case ChemicalPoured = 'chemical_poured';
    case ElectricInWater = 'electric_in_water';
    case UnderPressure = 'under_pressure';

    /** Whether no fixture may be run to try something while it lasts. */
    public function forbidsWater(): bool
    {
        return self::ChemicalPoured !== $this;
    }

    /** Whether no opening may be opened while it lasts. */
    public function forbidsOpening(): bool
    {
        return self::SewageRising !== $this;
    }

    /** Whether everybody goes out first. */
    public function clearsTheRoom(): bool
    {
        return self::GasSmell === $this || self::ElectricInWater === $this;
    }
}
