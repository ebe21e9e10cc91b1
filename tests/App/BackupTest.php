<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Uvret\Tests\Support\ApiCase;

/** The whole shop as one file, and back. */
final class BackupTest extends ApiCase
{
    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = \sys_get_temp_dir().'/uvret-test-'.\bin2hex(\random_bytes(6)).'.zip';
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        \array_map(unlink(...), [...\glob($this->file.'*') ?: [], ...\glob(\dirname(__DIR__, 2).'/var/before-restore-*.zip') ?: []]);
    }

    public function testTheShopIsBroughtBackAsItWas(): void
    {
        $font = (string) \file_get_contents(\dirname(__DIR__, 2).'/fonts/lobster.ttf').'own';
        $this->send('POST', '/api/fonts', $font);
        $jobs = $this->get('/api/jobs')->get('jobs');
        $fonts = $this->get('/api/fonts')->data();
        $design = $this->get('/api/designs/kit-bag-ottilie');
        self::assertSame(0, $this->perform('uvret:backup')[0]);

        $this->put($design->with('document.lines.0.lettering.words', 'Henrik'));
        $this->send('POST', '/api/fonts', $font.' and another');
        $this->send('POST', '/api/jobs', ['title' => 'New', 'customer' => 'Juniors', 'due' => '2027-06-04', 'blank' => 'kit-tote', 'quantity' => 1], 201);
        self::assertSame(0, $this->perform('uvret:restore')[0]);

        self::assertSame($jobs, $this->get('/api/jobs')->get('jobs'));
        self::assertSame($fonts, $this->get('/api/fonts')->data());
        self::assertSame($design->data(), $this->get('/api/designs/kit-bag-ottilie')->data());
        // It goes on from there; and what was there before is not gone.
        $this->put($design->with('document.lines.0.lettering.words', 'Astrid'));
        self::assertCount(1, \glob(\dirname(__DIR__, 2).'/var/before-restore-*.zip') ?: []);
    }

    /** @return iterable<string, array{\Closure(string): mixed, string}> */
    public static function damages(): iterable
    {
        yield 'cut off' => [static fn (string $file): mixed => \file_put_contents($file, \substr((string) \file_get_contents($file), 0, 9_000)), 'no backup'];
        yield 'another file' => [static fn (string $file): mixed => \file_put_contents($file, 'words'), 'no backup'];
        yield 'not there' => [static fn (string $file): mixed => \unlink($file), 'no backup'];
        yield 'another database in it' => [self::replaced('shop.sqlite', 'words'), 'damaged'];
        yield 'a later format' => [self::replaced('uvret-backup.json', '{"format": 2, "sha256": {"shop.sqlite": "x"}}'), 'newer Uvret'];
        yield 'a file that leads out of it' => [self::added('fonts/../../../evil.ttf', 'words'), 'damaged'];
        yield 'a file that is missing' => [self::added('fonts/gone.ttf', null), 'damaged'];
        yield 'a file that was changed' => [
            static function (string $file): void {
                self::added('fonts/new.ttf', 'words')($file);
                self::replaced('fonts/new.ttf', 'other words')($file);
            },
            'damaged',
        ];
        $words = \hash('sha256', 'words');
        yield 'no database' => [static function (string $file) use ($words): void {
            self::replaced('shop.sqlite', 'words')($file);
            self::replaced('uvret-backup.json', "{\"format\": 1, \"sha256\": {\"shop.sqlite\": \"$words\"}}")($file);
        }, 'damaged'];
    }

    /** @param \Closure(string): mixed $damage */
    #[DataProvider('damages')]
    public function testADamagedFileIsRefusedWholeAndNothingIsChanged(\Closure $damage, string $said): void
    {
        self::assertSame(0, $this->perform('uvret:backup')[0]);
        $damage($this->file);
        $this->put($this->get('/api/designs/kit-bag-ottilie')->with('document.lines.0.lettering.words', 'Henrik'));
        [$status, $output] = $this->perform('uvret:restore');
        self::assertSame(1, $status);
        self::assertStringContainsString($said, $output);
        self::assertStringContainsString('Nothing was changed', $output);
        self::assertSame('Henrik', $this->get('/api/designs/kit-bag-ottilie')->string('document.lines.0.lettering.words'));
        self::assertSame([], \glob(\dirname(__DIR__, 2).'/var/before-restore-*.zip') ?: []);
    }

    /** @return \Closure(string): mixed */
    private static function replaced(string $name, string $content): \Closure
    {
        return static function (string $file) use ($name, $content): void {
            $zip = new \ZipArchive();
            $zip->open($file);
            $zip->addFromString($name, $content);
            $zip->close();
        };
    }

    /** @return \Closure(string): mixed lists one file more, with its true sum, and puts it in where it has content */
    private static function added(string $name, ?string $content): \Closure
    {
        return static function (string $file) use ($name, $content): void {
            $zip = new \ZipArchive();
            $zip->open($file);
            /** @var array{sha256: array<string, string>} $manifest */
            $manifest = \json_decode((string) $zip->getFromName('uvret-backup.json'), true, 8, \JSON_THROW_ON_ERROR);
            $manifest['sha256'][$name] = \hash('sha256', (string) $content);
            $zip->addFromString('uvret-backup.json', \json_encode($manifest, \JSON_THROW_ON_ERROR));
            if (null !== $content) {
                $zip->addFromString($name, $content);
            }
            $zip->close();
        };
    }

    /** @return array{int, string} the exit status, and what was said in one line */
    private function perform(string $command): array
    {
        $tester = new CommandTester((new Application(self::bootKernel()))->find($command));
        $status = $tester->execute(['file' => $this->file]);
        $said = (string) \preg_replace('/\s+/', ' ', $tester->getDisplay());
        self::ensureKernelShutdown();
        $this->client = self::createClient([], ['HTTP_HOST' => '127.0.0.1:8420']);

        return [$status, $said];
    }
}
