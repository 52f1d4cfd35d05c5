<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126080000 extends AbstractMigration
{
    private const OF_MARKS = [
        'letter' => "VARCHAR(4) DEFAULT '' NOT NULL", 'colour' => 'VARCHAR(255) DEFAULT NULL', 'signal' => 'VARCHAR(255) DEFAULT NULL',
        'tie_three_m' => 'DOUBLE PRECISION DEFAULT NULL', 'tie_three_to' => "VARCHAR(120) DEFAULT '' NOT NULL",
        'tie_side' => 'VARCHAR(255) DEFAULT NULL',
    ];

    public function getDescription(): string
    {
        return 'Site plan of a property, marks placed on it, heights of the ground';
    }

    public function up(Schema $schema): void
    {
        foreach (self::OF_MARKS as $column => $type) {
            $this->addSql('ALTER TABLE mark ADD COLUMN '.$column.' '.$type);
        }
        foreach (['over_head', 'ground'] as $column) {
            // What nobody said is kept as that.
            $this->addSql("ALTER TABLE mark ADD COLUMN {$column}_said VARCHAR(255) DEFAULT NULL");
            $this->addSql("UPDATE mark SET {$column}_said = $column");
            $this->addSql("ALTER TABLE mark DROP COLUMN $column");
            $this->addSql("ALTER TABLE mark RENAME COLUMN {$column}_said TO $column");
        }
        $this->addSql("ALTER TABLE property ADD COLUMN site_plan CLOB DEFAULT '[]' NOT NULL");
        $this->addSql(
            'CREATE TABLE height_measured (id VARCHAR(36) NOT NULL, logged_at DATETIME NOT NULL, withdrawn_at DATETIME DEFAULT NULL,'
                .' from_point VARCHAR(40) NOT NULL, to_point VARCHAR(40) NOT NULL, up_m DOUBLE PRECISION NOT NULL,'
                .' how VARCHAR(255) NOT NULL, job_id VARCHAR(36) NOT NULL, PRIMARY KEY(id),'
                .' CONSTRAINT FK_height_job FOREIGN KEY (job_id) REFERENCES job (id) NOT DEFERRABLE INITIALLY IMMEDIATE)',
        );
        $this->addSql('CREATE INDEX IDX_8993A435BE04EA9 ON height_measured (job_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE height_measured');
        $this->addSql('ALTER TABLE property DROP COLUMN site_plan');
        foreach (array_keys(self::OF_MARKS) as $column) {
            $this->addSql('ALTER TABLE mark DROP COLUMN '.$column);
        }
    }
}
