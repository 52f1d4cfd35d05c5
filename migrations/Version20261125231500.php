<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125231500 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Which firms are made up, and which runs have simulated readings';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE firm ADD COLUMN demo BOOLEAN DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE run ADD COLUMN simulated BOOLEAN DEFAULT 0 NOT NULL');
        // Until now only the demo and practice had any readings but those of a real reel, and both kept them in the same place.
        $this->addSql("UPDATE firm SET demo = 1 WHERE id IN (SELECT firm_id FROM account WHERE email LIKE '%@tideway.example')");
        $this->addSql("UPDATE firm SET demo = 1 WHERE id IN (SELECT firm_id FROM account WHERE email LIKE '%@lantern.example')");
        $this->addSql('UPDATE run SET simulated = 1 WHERE EXISTS (SELECT 1 FROM reading_batch WHERE reading_batch.run_id = run.id)
            AND job_id IN (SELECT job.id FROM job JOIN firm ON firm.id = job.firm_id WHERE firm.demo = 1 OR job.practice IS NOT NULL)');
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException();
    }
}
