<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use Symfony\Component\Process\Process;
use Uvret\App\Layout\LayoutItem;
use Uvret\App\Names\PeopleSheets;
use Uvret\App\Repository\JobDesigns;
use Uvret\Roster\Person;
use Uvret\Tests\Support\ApiCase;
use Uvret\Tests\Support\Json;

/** A job's list of names, and what its designs make of it. */
final class NamesTest extends ApiCase
{
    public function testAListIsKeptByOneAtATime(): void
    {
        $empty = $this->get('/api/jobs/crew-shirts/names');
        self::assertSame([0, [], []], [$empty->int('version'), $empty->get('people'), $empty->get('designs')]);
        $people = [['id' => 'a', 'values' => ['name' => 'Bo', 'size' => 'S', 'year' => '2010'], 'own' => (object) [], 'state' => 'to cut']];
        $list = ['version' => 0, 'columns' => ['year'], 'people' => $people];
        $saved = $this->send('PUT', '/api/jobs/crew-shirts/names', $list);
        self::assertSame([1, 'Bo'], [$saved->int('version'), $saved->string('people.0.values.name')]);
        $this->send('PUT', '/api/jobs/crew-shirts/names', $list, 409);
        self::assertSame(2, $this->send('PUT', '/api/jobs/crew-shirts/names', ['version' => 1] + $list)->int('version'));
        $this->send('PUT', '/api/jobs/crew-shirts/names', ['version' => 1] + $list, 409);
        $wrong = $this->send('PUT', '/api/jobs/crew-shirts/names', ['version' => 2, 'columns' => ['name']] + $list, 422);
        self::assertStringContainsString('two columns named “name”', $wrong->string('detail'));
        self::assertSame(2, $this->get('/api/jobs/crew-shirts/names')->int('version'), 'the list stays as it was');
        $this->client->request('GET', '/api/jobs/crew-shirts/names.csv');
        self::assertSame("\xEF\xBB\xBFname,number,size,blank,quantity,note,year\r\nBo,,S,,,,2010\r\n", $this->client->getResponse()->getContent());
    }

    public function testWhatIsDoubtfulIsSeenWithTheBlankAndTheFont(): void
    {
        $list = $this->get('/api/jobs/crew-seats/names');
        self::assertSame([], $list->get('doubts'));
        self::assertContains('XXL', (array) $list->get('sizes'));
        $list = $this->send('PUT', '/api/jobs/crew-seats/names', $list->with('people.0.values.size', '9XL')->with('people.1.values.name', 'Ωmega丁'));
        self::assertSame(['row-1', 'row-2'], \array_column((array) $list->get('doubts'), 'person'));
        self::assertSame(['size', 'name'], \array_column((array) $list->get('doubts'), 'column'));
        self::assertStringContainsString('丁', $list->string('doubts.1.message'));
    }

    public function testATableIsReadAndABrokenOneRefused(): void
    {
        $table = $this->send('POST', '/api/tables', "Player\tSeat\tYear\nBo\t007\t2010\n");
        self::assertSame([['name', 'number', 'Year'], [['Bo', '007', '2010']]], [$table->get('columns'), $table->get('rows')]);
        self::assertStringContainsString('Row 2', $this->send('POST', '/api/tables', "name\nBo\x01\n", 422)->string('detail'));
    }

    public function testTheContactSheetShowsEverybodyInTheirOrder(): void
    {
        $sheet = $this->get('/api/designs/kit-bags-names/people?from=5&count=3');
        self::assertSame(18, $sheet->int('count'));
        self::assertSame(['Bo', 'Wilhelmina', 'Kaspar'], \array_column((array) $sheet->get('people'), 'words'));
        self::assertSame('⟨name⟩', $sheet->string('lines.0.words'));
        foreach ([0 => false, 1 => true, 2 => false] as $at => $smaller) {
            $line = $sheet->part("people.$at.lines.0");
            self::assertSame($smaller, $line->get('smaller'));
            self::assertSame(!$smaller, 38_000 === $line->int('letterHeight'));
            self::assertLessThanOrEqual(210_002, $line->int('width'));
            self::assertEqualsWithDelta($line->int('width'), $sheet->int("people.$at.box.width"), 3);
        }
        // What is set for one only, and is not right, spoils nobody else's.
        $list = $this->get('/api/jobs/named-bags/names')->with('people.5.own', (object) ['name' => ['size' => ['length' => -1]]]);
        $this->send('PUT', '/api/jobs/named-bags/names', $list);
        $sheet = $this->get('/api/designs/kit-bags-names/people?from=5&count=2');
        self::assertStringContainsString('Bo', $sheet->string('people.0.failure'));
        self::assertNull($sheet->get('people.1.failure'));
    }

    public function testEverybodysPiecesAreLaidOutAndNoneIsCutFromASample(): void
    {
        $open = $this->get('/api/designs/crew-shirt-names');
        self::assertSame('⟨name⟩', $open->string('document.lines.0.lettering.words'), 'fields stay in the document');
        self::assertNotNull($open->get('sheet.ink'), 'and show a sample');
        $list = $this->get('/api/jobs/crew-seats/names')->with('people.3.values.quantity', '2');
        $this->send('PUT', '/api/jobs/crew-seats/names', $list);
        [$sheets, $designs] = [self::getContainer()->get(PeopleSheets::class), self::getContainer()->get(JobDesigns::class)];
        self::assertInstanceOf(PeopleSheets::class, $sheets);
        self::assertInstanceOf(JobDesigns::class, $designs);
        $design = $designs->get('crew-shirt-names');
        $everybody = \array_map(static fn (Person $person): string => $person->id, $sheets->people($design));
        $pieces = $sheets->of($design, new LayoutItem($design->id, \range(1, 10), $everybody));
        self::assertSame(['Marisol, S', 'Thaddeus, M', 'Ines, S', 'Bo, L', 'Bo, L', 'Wilhelmina, XL'], \array_slice(\array_column($pieces, 0), 0, 6));
        self::assertCount(10, $pieces, 'nine people, one of them twice');
        self::assertSame(\range(1, 10), \array_keys($pieces));
        self::assertSame($pieces[4][1], $pieces[5][1]);
        $digests = [];
        foreach ($pieces as [, $layers]) {
            $digests[] = $layers[0]->region->digest().$layers[1]->region->digest();
        }
        self::assertCount(9, \array_unique($digests));
        // The same for all is cut once for each copy.
        self::assertCount(3, $sheets->of($designs->get('crew-badge'), new LayoutItem('crew-badge', [4, 5, 6])));
        $sheet = $this->get('/api/jobs/crew-seats');
        $this->send('PUT', '/api/jobs/crew-seats', $sheet->with('state', 'to cut'));
        $refused = $this->send('POST', '/api/cuts', ['design' => 'crew-shirt-names', 'film' => 'chalk', 'copies' => 1], 422)->string('detail');
        self::assertStringContainsString('all 10 are cut, each with their own', $refused);
    }

    public function testTheBenchShowsTheDesignAsAnyoneHasIt(): void
    {
        $sample = $this->get('/api/designs/kit-bags-names');
        $long = $this->get('/api/designs/kit-bags-names?person=row-7');
        self::assertSame($sample->get('document'), $long->get('document'), 'the design is the same for all');
        self::assertNotSame($sample->get('sheet.ink'), $long->get('sheet.ink'));
        self::assertEqualsWithDelta(210_000, $long->int('sheet.ink.width'), 3, 'squeezed and made smaller, as on the contact sheet');
        self::assertSame($sample->get('sheet'), $this->get('/api/designs/kit-bags-names?person=nobody')->get('sheet'));
        // A change is saved for all, and what comes of it shown for the one.
        $saved = $this->send('PUT', '/api/designs/kit-bags-names?person=row-7', [
            'version' => $sample->int('version'),
            'document' => $sample->with('document.lines.0.fitting.atMost', 150_000)->get('document'),
        ]);
        self::assertEqualsWithDelta(150_000, $saved->int('sheet.ink.width'), 6);
        $undone = $this->send('POST', '/api/designs/kit-bags-names/undo?person=row-7&version='.$saved->int('version'));
        self::assertEqualsWithDelta(210_000, $undone->int('sheet.ink.width'), 3);
        // What is set for one only is in their sheet alone.
        $list = $this->get('/api/jobs/named-bags/names')->with('people.5.own', (object) ['name' => ['lettering' => ['words' => 'Mrs Bo']]]);
        $this->send('PUT', '/api/jobs/named-bags/names', $list);
        self::assertSame('Mrs Bo', $this->get('/api/designs/kit-bags-names/people?from=5&count=1')->get('people.0.words'));
    }

    public function testEachSizeHasTheDesignAsItsRulesSay(): void
    {
        $sizes = $this->get('/api/designs/crew-shirt-names/sizes');
        $by = \array_column(\array_map(static fn (mixed $size): array => (array) $size, $sizes->data()), null, 'size');
        self::assertSame(['S', 'M', 'L', 'XL', 'XXL'], \array_keys($by));
        $club = static fn (string $size): int => (new Json((array) $by[$size]))->int('measures.crew');
        self::assertSame([true, 200_000], [$by['M']['own'], $club('M')]);
        self::assertGreaterThan($club('M'), $club('XL'));
        self::assertLessThan($club('M'), $club('S'));
        self::assertSame((new Json((array) $by['S']))->int('measures.name'), (new Json((array) $by['XL']))->int('measures.name'), 'names stay');
        self::assertStringStartsWith('<svg', (new Json((array) $by['S']))->string('picture'));
        // Wilhelmina wears XL: her club name is as large as that size has it.
        [$small, $large] = [$this->get('/api/designs/crew-shirt-names?person=row-1'), $this->get('/api/designs/crew-shirt-names?person=row-5')];
        self::assertSame(['S', 'XL'], [
            $this->get('/api/jobs/crew-seats/names')->string('people.0.values.size'),
            $this->get('/api/jobs/crew-seats/names')->string('people.4.values.size'),
        ]);
        self::assertGreaterThan($small->int('sheet.area.width'), $large->int('sheet.area.width'));
        self::assertEqualsWithDelta($club('XL'), self::widest($large, 'crew'), 3);
        self::assertEqualsWithDelta($club('S'), self::widest($small, 'crew'), 3);
        self::assertCount(1, $this->get('/api/designs/kit-bags-names/sizes')->data());
    }

    private static function widest(Json $open, string $card): int
    {
        $widths = [];
        foreach ((array) $open->get('sheet.parts') as $part) {
            $part = new Json((array) $part);
            $widths[] = $card === $part->get('card') ? $part->int('ink.width') : 0;
        }

        return \max(0, ...$widths);
    }

    public function testTheListIsApprovedWithTheDesignAndAChangeOfOneIsTold(): void
    {
        $design = $this->get('/api/designs/kit-bags-names');
        self::assertNotContains(true, $this->changed(), 'nothing was approved');
        $this->send('POST', '/api/designs/kit-bags-names/approval', ['version' => $design->int('version'), 'by' => 'Ines Halloran']);
        self::assertNotContains(true, $this->changed());
        $list = $this->get('/api/jobs/named-bags/names');
        $list = $this->send('PUT', '/api/jobs/named-bags/names', $list->with('people.1.values.name', 'Fenwyck'));
        $people = (array) $list->get('people');
        $people[] = ['id' => 'new', 'values' => ['name' => 'Ada'], 'own' => (object) []];
        $this->send('PUT', '/api/jobs/named-bags/names', $list->with('people', $people));
        self::assertSame([1, 18], \array_keys(\array_filter($this->changed())), 'those two alone');
        $pages = $this->proof('kit-bags-names');
        self::assertSame(1, \preg_match_all('/Fenwyck/', $pages));
        self::assertSame(2, \substr_count($pages, 'changed since approval'));
        self::assertStringContainsString('each of the 19 names', $pages);
        self::assertStringContainsString('Approved by Ines Halloran', $pages);
        // As it was before, it is approved again.
        $list = $this->get('/api/jobs/named-bags/names');
        $this->send('PUT', '/api/jobs/named-bags/names', $list->with('people.1.values.name', 'Fenwick')->with('people', \array_slice($people, 0, 18))
            ->with('people.1.values.name', 'Fenwick'));
        self::assertNotContains(true, $this->changed());
    }

    public function testAListOfAnyLengthIsPrintedWithEveryNameInPlainType(): void
    {
        $people = [];
        for ($i = 0; $i < 30; ++$i) {
            $people[] = ['id' => "p$i", 'values' => ['name' => "Crew $i", 'size' => 'M', 'quantity' => 29 === $i ? '2' : ''], 'own' => (object) []];
        }
        $people[] = ['id' => 'none', 'values' => ['number' => '7'], 'own' => (object) []];
        $list = $this->get('/api/jobs/named-bags/names')->with('people', $people);
        $this->send('PUT', '/api/jobs/named-bags/names', $list);
        $text = $this->proof('kit-bags-names');
        foreach ($people as ['values' => $values]) {
            self::assertMatchesRegularExpression('/\b'.($values['name'] ?? '7').'\b/', $text);
        }
        self::assertStringContainsString('M · 2 pieces', $text);
        self::assertStringContainsString('page 2 of 2', $text);
        self::assertSame(1, \substr_count($text, 'nothing to cut'));
    }

    /** The text of the pages that the customer signs, as another program reads it. */
    private function proof(string $design): string
    {
        $this->client->request('GET', "/api/designs/$design/names.pdf");
        self::assertResponseIsSuccessful();
        $read = new Process(['pdftotext', '-layout', '-', '-'], input: (string) $this->client->getResponse()->getContent());

        return $read->mustRun()->getOutput();
    }

    /** @return list<bool> */
    private function changed(): array
    {
        /** @var list<bool> $changed */
        $changed = \array_column((array) $this->get('/api/jobs/named-bags/names')->get('people'), 'changed');

        return $changed;
    }
}
