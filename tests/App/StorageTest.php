<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use Doctrine\DBAL\Connection;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Uvret\App\EventListener\StorageTrouble;
use Uvret\Tests\Support\ApiCase;

/** What is told from a version that someone else overtook: a disk that takes nothing more. */
final class StorageTest extends ApiCase
{
    public function testAFullDiskIsSaidAndLogged(): void
    {
        $opened = $this->get('/api/designs/kit-bag-ottilie');
        $connection = self::getContainer()->get('doctrine.dbal.default_connection');
        self::assertInstanceOf(Connection::class, $connection);
        $this->client->disableReboot();
        $this->get('/api/stamp');
        $connection->executeStatement('VACUUM');
        $pages = $connection->fetchOne('PRAGMA page_count');
        self::assertIsInt($pages);
        $connection->executeStatement("PRAGMA max_page_count = $pages");
        $long = $opened->with('document.lines.0.lettering.words', \str_repeat('Ottilie ', 200));
        $problem = $this->put($long, 503);
        self::assertSame('Not saved', $problem->string('title'));
        self::assertStringContainsString('is full', $problem->string('detail'));

        $this->client->enableReboot();
        $this->client->restart();
        self::ensureKernelShutdown();
        $this->client = self::createClient([], ['HTTP_HOST' => '127.0.0.1:8420']);
        self::assertSame($opened->int('version'), $this->get('/api/designs/kit-bag-ottilie')->int('version'));
        $this->put($long);

        $log = new CommandTester((new Application(self::bootKernel()))->find('uvret:log'));
        $log->execute(['--lines' => 1]);
        self::assertMatchesRegularExpression(
            '#^\S+ \S+ ERROR PUT /api/designs/kit-bag-ottilie answered 503: \S+: .*database or disk is full#',
            $log->getDisplay(),
        );
    }

    public function testOtherTroublesAreNotTakenForIt(): void
    {
        $at = static function (int $code): \RuntimeException {
            $e = new \PDOException('SQLSTATE[HY000]');
            $e->errorInfo = ['HY000', $code, ''];

            return new \RuntimeException('Commit failed', 0, $e);
        };
        self::assertSame(StorageTrouble::Full, StorageTrouble::behind($at(13)));
        self::assertSame(StorageTrouble::Busy, StorageTrouble::behind($at(261)), 'an extended code of it');
        self::assertNull(StorageTrouble::behind($at(19)), 'a constraint is not the disk’s fault');
        self::assertNull(StorageTrouble::behind(new \RuntimeException()));
    }

    public function testDaysThatThereAreNotAreRefused(): void
    {
        $new = ['title' => 'Kit', 'customer' => 'Juniors', 'blank' => 'kit-tote', 'quantity' => 1];
        foreach (['0000-00-00', '2026-02-31', '2026-2-3', '2026-13-01'] as $due) {
            self::assertSame('due', $this->send('POST', '/api/jobs', $new + ['due' => $due], 422)->string('path'));
        }
        $this->send('POST', '/api/jobs', $new + ['due' => '2028-02-29'], 201);
    }
}
