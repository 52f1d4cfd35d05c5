<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The newest looks of a firm are found by one index';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE run ADD COLUMN firm_id VARCHAR(36) DEFAULT '' NOT NULL");
        $this->addSql('UPDATE run SET firm_id = (SELECT firm_id FROM job WHERE job.id = run.job_id)');
        $this->addSql('DROP INDEX IDX_5076A4C0D46F4E3');
        $this->addSql('CREATE INDEX IDX_5076A4C089AF7860D46F4E3BF396750 ON run (firm_id, started_at, id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX IDX_5076A4C089AF7860D46F4E3BF396750');
        $this->addSql('CREATE INDEX IDX_5076A4C0D46F4E3 ON run (started_at)');
        $this->addSql('ALTER TABLE run DROP COLUMN firm_id');
    }
}
