<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use Doctrine\DBAL\Connection;
use Symfony\Component\Process\Process;
use Uvret\Tests\Support\ApiCase;
use Uvret\Tests\Support\Json;

/** The shop itself: its name, what is removed and stays so, what several people bring at once. */
final class ShopTest extends ApiCase
{
    public function testTheShopHasANameAndAUnitOfItsOwn(): void
    {
        $shop = $this->get('/api/shop');
        self::assertSame('Tern Point workshop', $shop->string('name'));
        $saved = $this->send('PUT', '/api/shop', $shop->with('name', 'Harbour Prints')->with('unit', 'in'));
        self::assertSame($saved->data(), $this->get('/api/shop')->data());
        $this->send('PUT', '/api/shop', $shop, 409);
        self::assertSame('name', $this->send('PUT', '/api/shop', $saved->with('name', \str_repeat('x', 81)), 422)->string('path'));
        self::assertSame('unit', $this->send('PUT', '/api/shop', $saved->with('unit', 'ells'), 422)->string('path'));
        self::assertSame([15, false], [$saved->int('weeding.begin'), $saved->get('compensates')], 'as hands and cutters usually are');
        self::assertTrue($this->send('PUT', '/api/shop', $saved->with('compensates', true))->get('compensates'));
        $saved = $this->send('PUT', '/api/shop', $this->get('/api/shop')->with('compensates', false));
        self::assertSame('weeding/hole', $this->send('PUT', '/api/shop', $saved->with('weeding.hole', -1), 422)->string('path'));
        $job = $this->send(
            'POST',
            '/api/jobs',
            ['title' => 'Kit', 'customer' => 'Juniors', 'due' => '2027-06-04', 'blank' => 'kit-tote', 'quantity' => 1],
            201,
        );
        self::assertSame('in', $job->string('designs.0.unit'), 'new designs are measured in it');
    }

    public function testMinutesToWeedAreReckonedByTheHandsOfTheShop(): void
    {
        $layers = fn (): Json => $this->get('/api/cut-room/designs/crew-shirt-back');
        $before = $layers();
        $this->send('PUT', '/api/shop', $this->get('/api/shop')->with('weeding.begin', 115));
        $after = $layers();
        self::assertCount(2, $before->data());
        foreach ([0, 1] as $at) {
            self::assertSame(100, (int) \round($after->float("$at.weeding") - $before->float("$at.weeding")));
            // Each place has an outline at least.
            self::assertGreaterThanOrEqual($before->int("$at.hardPlaces"), \substr_count($before->string("$at.hard"), 'M'));
        }
    }

    public function testWhatWasRemovedIsNotBroughtBackByALateChange(): void
    {
        $film = new Json((array) $this->get('/api/film-rack')->get('0'));
        $path = '/api/film-rack/'.$film->string('entry.film.id');
        $this->send('DELETE', $path);
        self::assertStringContainsString('taken off the rack', $this->send('PUT', $path, $film, 404)->string('detail'));
        $this->send('PUT', $path, $film->with('version', 0));
        $blank = new Json((array) $this->get('/api/blanks')->get('0'));
        $path = '/api/blanks/'.$blank->string('blank.id');
        $this->send('DELETE', $path);
        self::assertStringContainsString('removed in another window', $this->send('PUT', $path, $blank, 404)->string('detail'));
        $this->send('PUT', $path, $blank->with('version', 0));
    }

    public function testARefusedDesignFileLeavesNoFontsBehind(): void
    {
        $this->client->request('GET', '/api/designs/crew-shirt-back/design-file');
        $file = (string) \tempnam(\sys_get_temp_dir(), 'uvret');
        \file_put_contents($file, (string) $this->client->getResponse()->getContent());
        $zip = new \ZipArchive();
        $zip->open($file);
        $list = (array) \json_decode((string) $zip->getFromName('fonts/fonts.json'), true);
        $zip->addFromString(
            'fonts/fonts.json',
            (string) new Json([
                ['id' => 'own-one', 'name' => 'Own', 'use' => 'block', 'licence' => 'Own'],
                ['id' => 'own-two', 'name' => 'Own', 'use' => 'block', 'licence' => 'Own'],
                ...$list,
            ]),
        );
        $zip->addFromString('fonts/own-one.ttf', (string) \file_get_contents(\dirname(__DIR__, 2).'/fonts/lobster.ttf'));
        $zip->addFromString('fonts/own-two.ttf', 'no font');
        $zip->close();
        $before = $this->get('/api/fonts')->data();
        $this->send('POST', '/api/jobs/kit-bags/design-file', (string) \file_get_contents($file), 422);
        \unlink($file);
        self::assertSame($before, $this->get('/api/fonts')->data());
    }

    /** Processes of their own, as the served ones are. */
    public function testFontsThatArriveAtOnceAreAllTakenIn(): void
    {
        $root = \dirname(__DIR__, 2);
        $folder = \sys_get_temp_dir().'/uvret-fonts-'.\bin2hex(\random_bytes(6));
        $code = '
            require $argv[1]."/vendor/autoload.php";
            $case = new Uvret\Type\FolderTypeCase($argv[2]);
            $bytes = file_get_contents($argv[1]."/fonts/anton.ttf").$argv[3];
            (new Uvret\App\Type\FontArrival($case, $case))->take($bytes);
        ';
        $running = [];
        for ($number = 0; $number < 6; ++$number) {
            $running[] = $process = new Process([\PHP_BINARY, '-r', $code, $root, $folder, "own $number"]);
            $process->start();
        }
        foreach ($running as $process) {
            self::assertSame(0, $process->wait(), $process->getErrorOutput());
        }
        $entries = (new \Uvret\Type\FolderTypeCase($folder))->entries();
        $files = \array_map(static fn ($entry): string => (string) \md5_file("$folder/$entry->id.ttf"), $entries);
        \array_map(unlink(...), \glob("$folder/*") ?: []);
        \rmdir($folder);
        self::assertCount(6, \array_unique(\array_column($entries, 'id')));
        self::assertCount(6, \array_unique($files), 'each has a file of its own');
    }

    /** Everything that was ever kept is as it was first written. */
    public function testHistoryAndDesignFilesOfTheFirstVersionOpen(): void
    {
        $connection = self::getContainer()->get('doctrine.dbal.default_connection');
        self::assertInstanceOf(Connection::class, $connection);
        $sheets = [];
        foreach (\glob(\dirname(__DIR__).'/data/version-1/*.json') ?: [] as $file) {
            $id = \basename($file, '.json');
            // How it is weeded came later.
            $now = $this->get("/api/designs/$id")->part('document')->with('weeding', null);
            $connection->update('job_design', ['document' => (string) $now], ['id' => $id]);
            $sheets[$id] = $this->get("/api/designs/$id")->get('sheet');
            $document = (string) \file_get_contents($file);
            $connection->update('job_design', ['document' => $document], ['id' => $id]);
            $connection->update('design_step', ['document' => $document, 'hash' => ''], ['design_id' => $id]);
        }
        self::assertCount(18, $sheets);
        foreach ($sheets as $id => $sheet) {
            $opened = $this->get("/api/designs/$id");
            self::assertSame([3, $sheet], [$opened->int('document.uvret'), $opened->get('sheet')], $id);
            $this->put($opened->with('document.name', 'As it is now'));
            $version = $this->get("/api/designs/$id")->int('version');
            self::assertSame($sheet, $this->send('POST', "/api/designs/$id/undo?version=$version")->get('sheet'), "the first step of $id");
        }
        $file = (string) \file_get_contents(\dirname(__DIR__).'/data/version-1/crew-shirt-back.uvret.zip');
        $taken = $this->send('POST', '/api/jobs/kit-bags/design-file', $file, 201);
        self::assertSame($sheets['crew-shirt-back'], $this->get('/api/designs/'.$taken->string('id'))->get('sheet'));
    }
}
