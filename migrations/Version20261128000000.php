<?php

declare(strict_types=1);

namespace Uvret\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261128000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What is shown of a design is kept with its step; due days are text; the shop has a name and a unit.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE design_step ADD COLUMN hash VARCHAR(32) DEFAULT '' NOT NULL");
        $this->addSql('CREATE TABLE step_summary (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, step_id INTEGER NOT NULL, document VARCHAR(32) NOT NULL, code VARCHAR(32) NOT NULL, shown CLOB NOT NULL, words CLOB NOT NULL, picture CLOB NOT NULL, film INTEGER NOT NULL, to_weed INTEGER NOT NULL, CONSTRAINT FK_7ED5E08C73B21E9C FOREIGN KEY (step_id) REFERENCES design_step (id) ON DELETE CASCADE NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_7ED5E08C73B21E9C ON step_summary (step_id)');
        // Jobs stay where they are, since what belongs to them would go with their table.
        $this->addSql('ALTER TABLE job RENAME COLUMN due TO due_date');
        $this->addSql("ALTER TABLE job ADD COLUMN due VARCHAR(10) DEFAULT '' NOT NULL");
        $this->addSql('UPDATE job SET due = substr(due_date, 1, 10)');
        $this->addSql('ALTER TABLE job DROP COLUMN due_date');
        $this->addSql("ALTER TABLE shop_usage ADD COLUMN name VARCHAR(80) DEFAULT '' NOT NULL");
        $this->addSql("ALTER TABLE shop_usage ADD COLUMN unit VARCHAR(2) DEFAULT 'mm' NOT NULL");
    }
}
