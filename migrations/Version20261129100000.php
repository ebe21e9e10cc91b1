<?php

declare(strict_types=1);

namespace Uvret\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261129100000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Lists of names.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(<<<'SQL'
            CREATE TABLE job_roster (
                document CLOB NOT NULL,
                version INTEGER DEFAULT 1 NOT NULL,
                job_id VARCHAR(60) NOT NULL,
                PRIMARY KEY (job_id),
                CONSTRAINT FK_job_roster_job FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE NOT DEFERRABLE INITIALLY IMMEDIATE
            )
            SQL);
    }
}
