<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use Doctrine\DBAL\Connection;
use Uvret\App\Repository\CutRuns;
use Uvret\Tests\Support\ApiCase;

/** Who sees to a cut: one worker at a time, whatever asks. */
final class CutRunsTest extends ApiCase
{
    public function testOneWorkerTakesACutOnAndOthersWaitUntilItIsGoneForAMoment(): void
    {
        $runs = self::getContainer()->get(CutRuns::class);
        $connection = self::getContainer()->get(Connection::class);
        self::assertInstanceOf(CutRuns::class, $runs);
        self::assertInstanceOf(Connection::class, $connection);
        foreach (['one', 'two'] as $id) {
            $connection->insert('cut_run', self::row($connection, $id));
        }
        self::assertFalse($runs->claim('gone', 100.0, 98.5));
        self::assertTrue($runs->claim('one', 100.0, 98.5));
        self::assertFalse($runs->claim('one', 101.0, 99.5), 'not by another worker');
        self::assertFalse($runs->claim('two', 101.0, 99.5), 'nor another cut at the same cutter');
        self::assertTrue($runs->claim('two', 101.6, 100.1), 'nobody heard of the first one for so long');
        self::assertFalse($runs->claim('one', 101.7, 100.2));
        // What is over holds nobody up.
        $connection->update('cut_run', ['state' => 'cut'], ['id' => 'two']);
        self::assertTrue($runs->claim('one', 101.8, 100.3));
        self::assertSame([true, false], [$runs->isKnown('one'), $runs->isKnown('gone')]);
    }

    /** @return array<string, mixed> a cut that waits, with whatever else its table asks for */
    private static function row(Connection $connection, string $id): array
    {
        $row = [];
        foreach ($connection->fetchAllAssociative("SELECT name, type, \"notnull\", dflt_value FROM pragma_table_info('cut_run')") as $column) {
            \assert(\is_string($column['name']) && \is_string($column['type']));
            if (\in_array($column['notnull'], [1, '1'], true) && null === $column['dflt_value']) {
                $row[$column['name']] = \str_contains($column['type'], 'CHAR') || \str_contains($column['type'], 'CLOB') ? '' : 0;
            }
        }

        return ['id' => $id, 'state' => 'waiting', 'seen' => 0.0] + $row;
    }
}
