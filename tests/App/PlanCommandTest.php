<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Tests\Support\Designs;

final class PlanCommandTest extends TestCase
{
    private string $out;

    protected function setUp(): void
    {
        $this->out = \sys_get_temp_dir().'/uvret-plan-'.\bin2hex(\random_bytes(6));
    }

    protected function tearDown(): void
    {
        \array_map(unlink(...), \glob($this->out.'/*') ?: []);
        @\rmdir($this->out);
    }

    #[DataProvider('demoDesigns')]
    public function testDemoDesignsAreWorkedOutWithoutABrowser(string $file): void
    {
        [$status, $output] = $this->plan($file);
        self::assertSame(0, $status, $output);
        /** @var array{ink: array{width: int}, layers: list<array{file: string}>, snags: list<mixed>, losses: list<array{kind: string}>} $report */
        $report = \json_decode((string) \file_get_contents($this->out.'/plan.json'), true, 32, \JSON_THROW_ON_ERROR);
        self::assertSame([], $report['snags'], 'a demo design has no snags');
        self::assertSame(
            'regatta-shirt.json' === \basename($file),
            \in_array('thin remains', \array_column($report['losses'], 'kind'), true),
            'what is lost is reported, as on the Bench',
        );
        self::assertFileExists($this->out.'/wear-side.svg');
        self::assertNotEmpty($report['layers']);
        foreach ($report['layers'] as $layer) {
            self::assertFileExists($this->out.'/'.$layer['file']);
        }
        $svg = \simplexml_load_file($this->out.'/wear-side.svg');
        self::assertNotFalse($svg);
        self::assertEqualsWithDelta($report['ink']['width'] / 1000, (float) $svg['width'], 1e-9);
    }

    /** @return iterable<string, array{string}> */
    public static function demoDesigns(): iterable
    {
        foreach (\glob(Designs::folder().'/*.json') ?: [] as $file) {
            yield \basename($file) => [$file];
        }
    }

    public function testAWrongDocumentEndsWithThePathToTheField(): void
    {
        $file = (string) \tempnam(\sys_get_temp_dir(), 'uvret');
        \file_put_contents($file, Designs::json(['lines.0.colour' => 'red']));
        [$status, $output] = $this->plan($file);
        \unlink($file);
        self::assertSame(1, $status);
        self::assertStringContainsString('lines/0/colour', $output);
        [$status, $output] = $this->plan('/nowhere.json');
        self::assertSame(1, $status);
        self::assertStringContainsString('There is no file', $output);
    }

    /** @return array{int, string} the exit status, and what was printed */
    private function plan(string $file): array
    {
        \exec(
            \escapeshellarg(\dirname(__DIR__, 2).'/bin/console').' uvret:plan '.\escapeshellarg($file).' --out '.\escapeshellarg($this->out).' 2>&1',
            $lines,
            $status,
        );

        return [$status, \implode(' ', $lines)];
    }
}
