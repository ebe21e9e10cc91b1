<?php

declare(strict_types=1);

namespace Uvret\App\Repository;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;

/** Cut pieces by design, person and film. */
final readonly class CutPieces
{
    public function __construct(private Connection $connection)
    {
    }

    /** @param list<array{design: string, person: string, number: int}> $pieces */
    public function add(string $film, array $pieces): void
    {
        $now = (new \DateTimeImmutable())->format('Y-m-d H:i:s');
        foreach ($pieces as $piece) {
            $this->connection->insert('cut_piece', ['film' => $film, 'cut_at' => $now] + $piece);
        }
    }

    /** @return array<string, int> number of a film's pieces cut for each person */
    public function counts(string $design, string $film): array
    {
        /** @var array<string, int|string> $rows */
        $rows = $this->connection->fetchAllKeyValue(
            "SELECT person, count(*) FROM cut_piece WHERE design = ? AND film = ? AND person <> '' GROUP BY person",
            [$design, $film],
        );

        return \array_map(\intval(...), $rows);
    }

    /** @return list<string> people with a cut piece of a design */
    public function people(string $design): array
    {
        /** @var list<string> $people */
        $people = $this->connection->fetchFirstColumn('SELECT DISTINCT person FROM cut_piece WHERE design = ?', [$design]);

        return $people;
    }

    /** @return array<string, array<string, list<int>>> numbers of a design's cut pieces, by person and film */
    public function numbers(string $design): array
    {
        /** @var list<array{person: string, film: string, number: int}> $rows */
        $rows = $this->connection->fetchAllAssociative('SELECT person, film, number FROM cut_piece WHERE design = ? ORDER BY id', [$design]);
        $numbers = [];
        foreach ($rows as $row) {
            $numbers[$row['person']][$row['film']][] = $row['number'];
        }

        return $numbers;
    }

    /**
     * Discards what was cut for some people.
     *
     * @param list<string> $designs
     * @param list<string> $people
     */
    public function spoil(array $designs, array $people): void
    {
        $this->connection->executeStatement(
            'DELETE FROM cut_piece WHERE design IN (?) AND person IN (?)',
            [$designs, $people],
            [ArrayParameterType::STRING, ArrayParameterType::STRING],
        );
    }
}
