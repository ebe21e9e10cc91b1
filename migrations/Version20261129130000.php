<?php

declare(strict_types=1);

namespace Uvret\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261129130000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Pieces cut by their numbers, how far each person’s are, and the list that was approved.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(<<<'SQL'
            CREATE TABLE cut_piece (
                id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL,
                design VARCHAR(60) NOT NULL,
                person VARCHAR(40) NOT NULL,
                film VARCHAR(40) NOT NULL,
                number INTEGER NOT NULL,
                cut_at DATETIME NOT NULL
            )
            SQL);
        $this->addSql('CREATE INDEX cut_piece_design ON cut_piece (design, person)');
        $this->addSql(<<<'SQL'
            CREATE TABLE person_progress (
                person VARCHAR(100) NOT NULL,
                state VARCHAR(20) NOT NULL,
                at DATETIME NOT NULL,
                job_id VARCHAR(60) NOT NULL,
                PRIMARY KEY (job_id, person),
                CONSTRAINT FK_person_progress_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE NOT DEFERRABLE INITIALLY IMMEDIATE
            )
            SQL);
        $this->addSql("ALTER TABLE job_design ADD COLUMN approval_list CLOB DEFAULT '{}' NOT NULL");
    }
}
