<?php

declare(strict_types=1);

namespace Uvret\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125120000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Jobs are archived, designs taken out and approved, blanks changed by the shop.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE job ADD COLUMN archived_at DATETIME DEFAULT NULL');
        $this->addSql('ALTER TABLE job ADD COLUMN version INTEGER DEFAULT 1 NOT NULL');
        $this->addSql('ALTER TABLE job_design ADD COLUMN removed_at DATETIME DEFAULT NULL');
        $this->addSql('ALTER TABLE job_design ADD COLUMN approval_step INTEGER DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE job_design ADD COLUMN approval_by VARCHAR(80) DEFAULT NULL');
        $this->addSql('ALTER TABLE job_design ADD COLUMN approval_at DATETIME DEFAULT NULL');
        $this->addSql('ALTER TABLE shop_blank ADD COLUMN version INTEGER DEFAULT 1 NOT NULL');
    }
}
