<?php

declare(strict_types=1);

namespace Uvret\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261129160000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The shop’s presses and hourly rate, and the price of a job.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE shop_usage ADD COLUMN press CLOB DEFAULT '{}' NOT NULL");
        $this->addSql("ALTER TABLE shop_usage ADD COLUMN rate DOUBLE PRECISION DEFAULT '0' NOT NULL");
        $this->addSql("ALTER TABLE job ADD COLUMN price DOUBLE PRECISION DEFAULT '0' NOT NULL");
    }
}
