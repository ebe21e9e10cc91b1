<?php

declare(strict_types=1);

namespace Uvret\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The steps of a design; every design there is begins with its present state.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE design_step (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, name VARCHAR(80) DEFAULT NULL, number INTEGER NOT NULL, parent INTEGER NOT NULL, change_of VARCHAR(80) NOT NULL, document CLOB NOT NULL, made_at DATETIME NOT NULL, design_id VARCHAR(60) NOT NULL, CONSTRAINT FK_step_design FOREIGN KEY (design_id) REFERENCES job_design (id) ON DELETE CASCADE)');
        $this->addSql('CREATE INDEX IDX_1E9FBA99E41DC9B2 ON design_step (design_id)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_1E9FBA99E41DC9B296901F54 ON design_step (design_id, number)');
        $this->addSql('ALTER TABLE job_design ADD COLUMN step INTEGER DEFAULT 0 NOT NULL');
        $this->addSql(
            "INSERT INTO design_step (number, parent, change_of, document, made_at, design_id) SELECT 1, 0, '', document, saved_at, id FROM job_design",
        );
        $this->addSql('UPDATE job_design SET step = 1');
    }
}
