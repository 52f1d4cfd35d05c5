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
            'CREATE TABLE cache_items (item_id CLOB NOT NULL, item_data BLOB NOT NULL, item_lifetime INTEGER UNSIGNED DEFAULT NULL,'
                .' item_time INTEGER UNSIGNED NOT NULL, PRIMARY KEY (item_id))',
        );
        $this->addSql(
            'CREATE TABLE session (sess_id CLOB NOT NULL, sess_data BLOB NOT NULL, sess_lifetime INTEGER NOT NULL, sess_time INTEGER NOT NULL,'
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
