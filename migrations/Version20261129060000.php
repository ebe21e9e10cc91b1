<?php

declare(strict_types=1);

namespace Uvret\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261129060000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Layouts on a carrier mat.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE film_layout ADD COLUMN on_mat BOOLEAN DEFAULT 0 NOT NULL');
    }
}
