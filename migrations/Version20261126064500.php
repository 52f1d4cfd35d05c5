<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126064500 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Ground heights and lift checks of marks';
    }

    public function up(Schema $schema): void
    {
        foreach (['ground_m', 'lift_m', 'lift_reading_m'] as $column) {
            $this->addSql('ALTER TABLE mark ADD COLUMN '.$column.' DOUBLE PRECISION DEFAULT NULL');
        }
    }

    public function down(Schema $schema): void
    {
        foreach (['ground_m', 'lift_m', 'lift_reading_m'] as $column) {
            $this->addSql('ALTER TABLE mark DROP COLUMN '.$column);
        }
    }
}
