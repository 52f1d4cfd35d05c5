<?php

declare(strict_types=1);

namespace Jurvex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127070000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Sessions and tries at a password beside the data, where every server sees them';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE cache_items (item_id VARCHAR(255) NOT NULL, item_data BYTEA NOT NULL, item_lifetime INT DEFAULT NULL,'
                .' item_time INT NOT NULL, PRIMARY KEY (item_id))',
        );
        $this->addSql(
            'CREATE TABLE session (sess_id VARCHAR(128) NOT NULL, sess_data BYTEA NOT NULL, sess_lifetime INT NOT NULL, sess_time INT NOT NULL,'
                .' PRIMARY KEY (sess_id))',
        );
        $this->addSql('CREATE INDEX sess_lifetime_idx ON session (sess_lifetime)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE session');
        $this->addSql('DROP TABLE cache_items');
    }
}
