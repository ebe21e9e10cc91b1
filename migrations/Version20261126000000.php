<?php

declare(strict_types=1);

namespace Uvret\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Films of the rack have prices, stock and settings; the shop has a usual way to put films on one another.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE rack_film ADD COLUMN shop CLOB DEFAULT '{}' NOT NULL");
        $this->addSql('ALTER TABLE rack_film ADD COLUMN version INTEGER DEFAULT 1 NOT NULL');
        $this->addSql('CREATE TABLE shop_usage (id VARCHAR(40) NOT NULL, layering CLOB NOT NULL, version INTEGER DEFAULT 1 NOT NULL, PRIMARY KEY (id))');
    }
}
