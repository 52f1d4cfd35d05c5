<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126150000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Long work, and what waits to be done';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE long_work (state VARCHAR(255) NOT NULL, done INTEGER NOT NULL, steps INTEGER NOT NULL,'
                .' heard_at DATETIME DEFAULT NULL, refusals CLOB NOT NULL, id VARCHAR(36) NOT NULL, kind VARCHAR(255) NOT NULL,'
                .' asked_at DATETIME NOT NULL, server VARCHAR(300) NOT NULL, form CLOB NOT NULL, account_id VARCHAR(36) NOT NULL,'
                .' job_id VARCHAR(36) DEFAULT NULL, PRIMARY KEY(id), CONSTRAINT FK_work_account FOREIGN KEY (account_id)'
                .' REFERENCES account (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_work_job FOREIGN KEY (job_id)'
                .' REFERENCES job (id) NOT DEFERRABLE INITIALLY IMMEDIATE)',
        );
        $this->addSql('CREATE INDEX IDX_53A433D56F285444 ON long_work (asked_at)');
        $this->addSql('CREATE INDEX IDX_53A433D59B6B5FBA ON long_work (account_id)');
        $this->addSql('CREATE INDEX IDX_53A433D5BE04EA9 ON long_work (job_id)');
        $this->addSql(
            'CREATE TABLE messenger_messages (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, body CLOB NOT NULL, headers CLOB NOT NULL,'
                .' queue_name VARCHAR(190) NOT NULL, created_at DATETIME NOT NULL, available_at DATETIME NOT NULL,'
                .' delivered_at DATETIME DEFAULT NULL)',
        );
        $this->addSql(
            'CREATE INDEX IDX_75EA56E0FB7336F0E3BD61CE16BA31DBBF396750 ON messenger_messages (queue_name, available_at, delivered_at, id)',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE messenger_messages');
        $this->addSql('DROP TABLE long_work');
    }
}
