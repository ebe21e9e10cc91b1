<?php

declare(strict_types=1);

namespace Uvret\App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261128210000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Cuts on their way to the cutter, and the messages by which workers get them.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("CREATE TABLE cut_run (
             state VARCHAR(20) NOT NULL, reason VARCHAR(255) DEFAULT '' NOT NULL, wanted VARCHAR(10) DEFAULT 'go' NOT NULL,
             done INTEGER DEFAULT 0 NOT NULL, from_ring INTEGER DEFAULT 0 NOT NULL, base INTEGER DEFAULT NULL,
             starts INTEGER DEFAULT NULL,
             along INTEGER DEFAULT 0 NOT NULL, across INTEGER DEFAULT 0 NOT NULL,
             strokes INTEGER DEFAULT NULL, offs CLOB DEFAULT '[]' NOT NULL,
             seen DOUBLE PRECISION DEFAULT 0 NOT NULL, ended_at DATETIME DEFAULT NULL,
             id VARCHAR(40) NOT NULL, design VARCHAR(60) NOT NULL,
             film VARCHAR(40) NOT NULL, title VARCHAR(250) NOT NULL, instructions CLOB NOT NULL, rings INTEGER NOT NULL,
             seconds DOUBLE PRECISION NOT NULL,
             length INTEGER NOT NULL, made_at DATETIME NOT NULL, PRIMARY KEY (id))");
        $this->addSql('CREATE TABLE messenger_messages (
             id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, body CLOB NOT NULL, headers CLOB NOT NULL, queue_name VARCHAR(190) NOT NULL,
             created_at DATETIME NOT NULL, available_at DATETIME NOT NULL, delivered_at DATETIME DEFAULT NULL)');
        $this->addSql('CREATE INDEX IDX_75EA56E0FB7336F0E3BD61CE16BA31DBBF396750 ON messenger_messages (queue_name, available_at, delivered_at, id)');
    }
}
