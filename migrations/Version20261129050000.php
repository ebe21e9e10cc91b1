<?php

declare(strict_types=1);

namespace Uvret\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261129050000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Layouts of films, scraps, and what a cut leaves.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE film_layout (
            film VARCHAR(40) NOT NULL,
            items CLOB NOT NULL,
            places CLOB DEFAULT \'[]\' NOT NULL,
            result CLOB DEFAULT \'{}\' NOT NULL,
            state VARCHAR(20) NOT NULL,
            revision INTEGER DEFAULT 0 NOT NULL,
            PRIMARY KEY(film)
        )');
        $this->addSql('CREATE TABLE film_scrap (
            id VARCHAR(40) NOT NULL,
            film VARCHAR(40) NOT NULL,
            outline CLOB NOT NULL,
            offered BOOLEAN NOT NULL,
            made_at DATETIME NOT NULL,
            PRIMARY KEY(id)
        )');
        $this->addSql('CREATE INDEX IDX_scrap_film ON film_scrap (film)');
        $this->addSql("ALTER TABLE cut_run ADD COLUMN laid CLOB DEFAULT 'null' NOT NULL");
        $this->addSql("ALTER TABLE shop_usage ADD COLUMN layout CLOB DEFAULT '{}' NOT NULL");
    }
}
