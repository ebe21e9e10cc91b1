<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use Doctrine\DBAL\Connection;
use Uvret\App\Summary\Summaries;
use Uvret\Tests\Support\ApiCase;

/** What the rail shows is worked out once, and nothing takes it down. */
final class RailTest extends ApiCase
{
    public function testADesignThatCanNotBeReadIsShownAsSuchWithWhatThereIsOfIt(): void
    {
        $opened = $this->get('/api/designs/kit-bag-ottilie');
        $this->put($opened->with('document.lines.0.lettering.words', 'Henrik'));
        // As a newer Uvret might have written it.
        $this->connection()->executeStatement(
            "UPDATE design_step SET document = '{\"uvret\": 99, \"name\": \"From the future\"}', hash = 'x' WHERE design_id = 'kit-bag-ottilie' AND number = 2",
        );
        $this->connection()->executeStatement("UPDATE job_design SET document = '{\"uvret\": 99, \"name\": \"From the future\"}' WHERE id = 'kit-bag-ottilie'");
        $rail = $this->get('/api/jobs');
        $at = (string) \array_search('kit-bags', \array_column((array) $rail->get('jobs'), 'id'), true);
        self::assertStringContainsString('newer Uvret', $rail->string("jobs.$at.designs.0.unreadable"));
        self::assertSame('From the future', $rail->string("jobs.$at.designs.0.name"));
        $this->send('GET', $rail->string("jobs.$at.designs.0.picture"), [], 404);

        $sheet = $this->get('/api/jobs/kit-bags');
        self::assertSame(99, $this->get('/api/designs/kit-bag-ottilie/history/2.json')->int('uvret'), 'its document is there as it was kept');
        self::assertSame(1, $sheet->int('designs.0.backup'));
        $this->send('POST', '/api/designs/kit-bag-ottilie/history/1?version='.$sheet->int('designs.0.version'));
        self::assertNull($this->get('/api/jobs/kit-bags')->get('designs.0.card.unreadable'));
        self::assertSame('Ottilie', $this->get('/api/designs/kit-bag-ottilie')->string('document.lines.0.lettering.words'));
    }

    public function testADueDateThatCanNotBeReadTakesNothingDown(): void
    {
        $this->connection()->executeStatement("UPDATE job SET due = '-0001-11-30' WHERE id = 'kit-bags'");
        self::assertSame('kit-bags', $this->get('/api/jobs')->string('jobs.0.id'));
        $sheet = $this->get('/api/jobs/kit-bags');
        self::assertSame('-0001-11-30', $sheet->string('due'));
        self::assertSame('2027-06-04', $this->send('PUT', '/api/jobs/kit-bags', $sheet->with('due', '2027-06-04'))->string('due'));
    }

    public function testWhatIsShownIsWorkedOutOnceForADocument(): void
    {
        $this->get('/api/jobs');
        $summaries = self::getContainer()->get(Summaries::class);
        self::assertInstanceOf(Summaries::class, $summaries);
        // Those that are done are not looked at.
        self::assertSame(1, $summaries->complete());
        self::assertSame(0, $summaries->complete());

        // What is saved is kept with the save; what a demo or another job brings is worked out when it is looked at.
        $before = $this->connection()->fetchOne('SELECT count(*) FROM step_summary');
        $this->put($this->get('/api/designs/kit-bag-ottilie')->with('document.lines.0.lettering.words', 'Zürich'));
        self::assertNotSame($before, $this->connection()->fetchOne('SELECT count(*) FROM step_summary'));
        self::assertSame(0, $summaries->complete());
        self::assertSame('kit-bags', $this->get('/api/jobs?find=zÜRICH')->string('jobs.0.id'));
        $this->send('POST', '/api/jobs/crew-shirts/duplicate', ['due' => '2027-08-20'], 201);
        self::assertSame(0, $summaries->complete());

        // Another code may come to something else.
        $this->connection()->executeStatement("UPDATE step_summary SET code = 'earlier'");
        self::assertGreaterThan(10, $summaries->complete());
    }

    public function testListsComePageByPage(): void
    {
        $this->many(130);
        $all = [];
        do {
            $page = $this->get('/api/jobs?list=archived&from='.\count($all));
            \array_push($all, ...\array_column((array) $page->get('jobs'), 'id'));
        } while (\count($all) < $page->int('found') && [] !== $page->get('jobs'));
        self::assertCount(130, \array_unique($all, \SORT_REGULAR));
        self::assertSame(130, $page->int('archived'));
        $found = $this->get('/api/jobs?list=archived&find=number%2077');
        self::assertSame(['Number 77 of many'], \array_column((array) $found->get('jobs'), 'title'));
        self::assertSame(1, $found->int('found'));
        $this->send('GET', '/api/jobs?list=elsewhere', [], 422);
    }

    private function many(int $count): void
    {
        for ($number = 1; $number <= $count; ++$number) {
            $this->connection()->insert(
                'job',
                [
                    'id' => "many-$number",
                    'title' => "Number $number of many",
                    'customer' => 'Harbour Juniors',
                    'due' => '2026-05-'.\sprintf('%02d', 1 + $number % 28),
                    'state' => 'done',
                    'archived_at' => '2026-06-01 10:00:00',
                ],
            );
        }
    }

    private function connection(): Connection
    {
        $connection = self::getContainer()->get('doctrine.dbal.default_connection');
        self::assertInstanceOf(Connection::class, $connection);

        return $connection;
    }
}
