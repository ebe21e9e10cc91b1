<?php

declare(strict_types=1);

namespace Uvret\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261124000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Jobs with items and designs, the film rack, the blanks.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE job (id VARCHAR(60) NOT NULL, title VARCHAR(120) NOT NULL, customer VARCHAR(120) NOT NULL, due DATE NOT NULL, state VARCHAR(20) NOT NULL, PRIMARY KEY (id))');
        $this->addSql('CREATE TABLE item (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, position INTEGER NOT NULL, blank VARCHAR(80) NOT NULL, size VARCHAR(20) NOT NULL, quantity INTEGER NOT NULL, job_id VARCHAR(60) NOT NULL, CONSTRAINT FK_item_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE)');
        $this->addSql('CREATE INDEX IDX_1F1B251EBE04EA9 ON item (job_id)');
        $this->addSql('CREATE TABLE job_design (id VARCHAR(60) NOT NULL, position INTEGER NOT NULL, document CLOB NOT NULL, saved_at DATETIME NOT NULL, version INTEGER DEFAULT 1 NOT NULL, job_id VARCHAR(60) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_design_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE)');
        $this->addSql('CREATE INDEX IDX_9D4B77B1BE04EA9 ON job_design (job_id)');
        $this->addSql('CREATE TABLE rack_film (id VARCHAR(40) NOT NULL, position INTEGER NOT NULL, film CLOB NOT NULL, PRIMARY KEY (id))');
        $this->addSql('CREATE TABLE shop_blank (id VARCHAR(40) NOT NULL, position INTEGER NOT NULL, blank CLOB NOT NULL, PRIMARY KEY (id))');
    }
}
