<?php

declare(strict_types=1);

namespace Uvret\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261129010000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'How quick the hands of the shop are at weeding, whether the cutter makes up for its blade, and cuts of some pieces only.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE cut_run ADD COLUMN is_whole BOOLEAN DEFAULT 1 NOT NULL');
        $this->addSql('ALTER TABLE shop_usage ADD COLUMN compensates BOOLEAN DEFAULT 0 NOT NULL');
        $this->addSql("ALTER TABLE shop_usage ADD COLUMN weeding CLOB DEFAULT '{}' NOT NULL");
    }
}
