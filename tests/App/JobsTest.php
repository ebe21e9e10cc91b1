<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use Uvret\Tests\Support\ApiCase;
use Uvret\Tests\Support\Json;

final class JobsTest extends ApiCase
{
    public function testJobsHangByDueDate(): void
    {
        $jobs = $this->get('/api/jobs');
        $due = \array_column((array) $jobs->get('jobs'), 'due');
        self::assertGreaterThanOrEqual(3, \count($due));
        $sorted = $due;
        \sort($sorted);
        self::assertSame($sorted, $due);
        $this->client->request('GET', $jobs->string('jobs.0.designs.0.picture'));
        self::assertResponseIsSuccessful();
        self::assertNotFalse(\simplexml_load_string((string) $this->client->getResponse()->getContent()));
        self::assertStringContainsString('immutable', (string) $this->client->getResponse()->headers->get('Cache-Control'));
    }

    public function testAJobIsOpenedWithAnEmptyDesign(): void
    {
        $new = new Json(['title' => 'Rückenwind & Co', 'customer' => 'Harbour Juniors', 'due' => '2027-06-04', 'blank' => 'kit-tote', 'quantity' => 9]);
        $job = $this->send('POST', '/api/jobs', $new, 201);
        self::assertSame('to design', $job->string('state'));
        $design = $this->get('/api/designs/'.$job->string('designs.0.id'));
        self::assertSame('Kit tote', $design->string('document.blank.name'));
        self::assertSame([], $design->get('document.lines'));
        self::assertFalse($design->get('canUndo'));

        // The same title again is another job; a missing field is named.
        self::assertNotSame($job->string('id'), $this->send('POST', '/api/jobs', $new, 201)->string('id'));
        foreach (['title' => ' ', 'due' => 'soon', 'blank' => 'umbrella', 'quantity' => 0] as $field => $wrong) {
            self::assertSame($field, $this->send('POST', '/api/jobs', $new->with($field, $wrong), 422)->string('path'));
        }
    }

    public function testAJobsSheetIsChangedByOneAtATime(): void
    {
        $sheet = $this->get('/api/jobs/kit-bags');
        $change = $sheet->with('title', 'Kit bags, again')->with('state', 'to cut')->with(
            'items',
            [['blank' => 'Kit tote', 'size' => 'One size', 'quantity' => 12]],
        );
        $changed = $this->send('PUT', '/api/jobs/kit-bags', $change);
        self::assertSame(['Kit bags, again', 'to cut', 12], [$changed->string('title'), $changed->string('state'), $changed->int('items.0.quantity')]);
        self::assertSame($changed->data(), $this->get('/api/jobs/kit-bags')->data());

        $this->send('PUT', '/api/jobs/kit-bags', $change, 409);
        $wrong = $changed->with('items.0.quantity', 0);
        self::assertSame('items/0/quantity', $this->send('PUT', '/api/jobs/kit-bags', $wrong, 422)->string('path'));
        self::assertSame($changed->data(), $this->get('/api/jobs/kit-bags')->data());
    }

    public function testTheDaysWorkIsSummedUp(): void
    {
        $rail = $this->get('/api/jobs');
        $film = 0;
        $weed = 0;
        $press = [];
        foreach ((array) $rail->get('jobs') as $at => $job) {
            $sheet = $this->get('/api/jobs/'.$rail->string("jobs.$at.id"));
            foreach (\array_keys((array) $rail->get("jobs.$at.designs")) as $number) {
                $plan = $this->get('/api/designs/'.$rail->string("jobs.$at.designs.$number.id"));
                $times = 'to cut' === $sheet->string('state') ? $rail->int("jobs.$at.quantity") : 0;
                $film += $times * $plan->int('sheet.filmLength');
                $weed += $times * $plan->int('sheet.toWeed');
            }
            foreach (\array_keys((array) $sheet->get('items')) as $number) {
                if ('to press' === $sheet->string('state')) {
                    $blank = $sheet->string("items.$number.blank");
                    $press[$blank] = ($press[$blank] ?? 0) + $sheet->int("items.$number.quantity");
                }
            }
        }
        self::assertGreaterThan(0, $film);
        self::assertSame([$film, $weed], [$rail->int('day.filmLength'), $rail->int('day.toWeed')]);
        self::assertSame($press, \array_column((array) $rail->get('day.toPress'), 'quantity', 'blank'));
    }

    public function testAJobIsDuplicatedArchivedAndReopened(): void
    {
        $stamp = $this->get('/api/stamp')->string('stamp');
        $copy = $this->send('POST', '/api/jobs/crew-shirts/duplicate', ['due' => '2027-08-20'], 201);
        self::assertNotSame($stamp, $this->get('/api/stamp')->string('stamp'), 'open pages see that something changed');
        $first = $this->get('/api/jobs/crew-shirts');
        self::assertNotSame($first->string('id'), $copy->string('id'));
        self::assertSame(['2027-08-20', 'to design'], [$copy->string('due'), $copy->string('state')]);
        self::assertSame($first->get('items'), $copy->get('items'));
        $document = fn (Json $job): mixed => $this->get('/api/designs/'.$job->string('designs.0.card.id'))->get('document');
        self::assertSame($document($first), $document($copy));
        self::assertNotSame($first->string('designs.0.card.id'), $copy->string('designs.0.card.id'));

        $id = $copy->string('id');
        self::assertTrue($this->send('POST', "/api/jobs/$id/archive")->get('archived'));
        self::assertFalse($this->send('POST', "/api/jobs/$id/reopen")->get('archived'));
        $this->send('POST', '/api/jobs/nowhere/archive', [], 404);
    }

    public function testDesignsArePutInTakenOutAndBroughtBack(): void
    {
        $name = $this->send('POST', '/api/jobs/kit-bags/designs', ['blank' => 'crew-tee-front', 'placement' => 'left-chest'], 201);
        $id = $name->string('id');
        $opened = $this->get("/api/designs/$id");
        self::assertSame('left-chest', $opened->string('document.blank.placement.id'));
        self::assertCount(2, (array) $opened->get('siblings'));
        $copy = $this->send('POST', "/api/designs/$id/duplicate", [], 201);
        self::assertSame('Left chest, copy', $copy->string('name'));

        $sheet = $this->send('DELETE', "/api/designs/$id");
        self::assertSame($id, $sheet->string('removed.0.id'));
        self::assertCount(2, (array) $sheet->get('designs'));
        $this->send('GET', "/api/designs/$id", [], 404);
        self::assertCount(3, (array) $this->send('POST', "/api/designs/$id/restore")->get('designs'));
        $this->get("/api/designs/$id");
    }

    public function testApprovalIsOfTheExactState(): void
    {
        $opened = $this->get('/api/designs/committee-hat');
        $this->send('POST', '/api/designs/committee-hat/approval', ['version' => $opened->int('version') + 1, 'by' => 'The committee'], 409);
        $approval = $this->send('POST', '/api/designs/committee-hat/approval', ['version' => $opened->int('version'), 'by' => 'The committee']);
        self::assertTrue($approval->get('current'));
        self::assertSame('to cut', $this->get('/api/jobs/committee-hats')->string('state'), 'all of the job is approved');

        // A change of words right after would be one step with the change before; the approved step stays as it was.
        $this->put($this->get('/api/designs/committee-hat')->with('document.lines.0.lettering.words', 'Seen at the finish'), 200, 'words:line');
        self::assertFalse($this->get('/api/designs/committee-hat')->get('approval.current'));
        $step = $approval->int('step');
        self::assertSame(
            $opened->string('document.lines.0.lettering.words'),
            $this->get("/api/designs/committee-hat/history/$step.json")->string('lines.0.lettering.words'),
        );
        $now = $this->get('/api/designs/committee-hat')->int('version');
        self::assertTrue($this->send('POST', "/api/designs/committee-hat/undo?version=$now")->get('approval.current'));
        $this->send('DELETE', '/api/designs/committee-hat/approval');
        self::assertNull($this->get('/api/designs/committee-hat')->get('approval'));
    }

    public function testTwoWritersSeeWhatEachChanged(): void
    {
        $base = $this->get('/api/designs/crew-shirt-back');
        $this->put($base->with('document.lines.0.lettering.words', 'TERN BAY'));
        $ours = $base->with('document.lines.1.lettering.words', 'Rowers');
        $both = $this->send('POST', '/api/designs/crew-shirt-back/compare', ['base' => $base->get('document'), 'ours' => $ours->get('document')]);
        self::assertSame(['“TERN POINT”: words changed to “TERN BAY”.'], $both->get('theirs'));
        self::assertSame(['“Regatta”: words changed to “Rowers”.'], $both->get('ours'));
        self::assertSame(['TERN BAY', 'Rowers'], [$both->string('merged.lines.0.lettering.words'), $both->string('merged.lines.1.lettering.words')]);
        $saved = $this->put($both->with('id', 'crew-shirt-back')->with('version', $both->int('opened.version'))->with('document', $both->get('merged')));
        self::assertSame(2 + $base->int('version'), $saved->int('version'));
    }

    public function testTheShopsOwnBlanks(): void
    {
        $tote = null;
        $blanks = $this->get('/api/blanks');
        foreach (\array_keys($blanks->data()) as $at) {
            $tote = 'kit-tote' === $blanks->string("$at.blank.id") ? new Json((array) $blanks->get((string) $at)) : $tote;
        }
        self::assertNotNull($tote);
        $changed = $tote->with('blank.sizes.0.placements.0.width', 210000);
        $this->send('PUT', '/api/blanks/kit-tote', $changed);
        $this->send('PUT', '/api/blanks/kit-tote', $changed, 409);
        $own = $changed->with('version', 0)->with('blank.id', 'oar-bag')->with('blank.name', 'Oar bag');
        self::assertSame(1, $this->send('PUT', '/api/blanks/oar-bag', $own)->int('version'));
        self::assertSame(
            'sizes/0/width',
            $this->send('PUT', '/api/blanks/oar-bag', $own->with('version', 1)->with('blank.sizes.0.width', -1), 422)->string('path'),
        );
        $new = $this->send(
            'POST',
            '/api/jobs',
            ['title' => 'Oar bags', 'customer' => 'Harbour Juniors', 'due' => '2027-06-04', 'blank' => 'oar-bag', 'quantity' => 2],
            201,
        );
        self::assertSame('Oar bag', $new->string('designs.0.blank'));
        $this->send('DELETE', '/api/blanks/oar-bag');
        self::assertSame('Oar bag', $this->get('/api/designs/'.$new->string('designs.0.id'))->string('document.blank.name'), 'designs keep their blank');

        $this->client->request('GET', '/api/drawings/tote.svg?colour=D9CDB0');
        self::assertResponseIsSuccessful();
        self::assertNotFalse(\simplexml_load_string((string) $this->client->getResponse()->getContent()));
        $this->send('GET', '/api/drawings/umbrella.svg?colour=D9CDB0', [], 404);
    }
}
