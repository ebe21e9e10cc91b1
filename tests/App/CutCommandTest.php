<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Json;

final class CutCommandTest extends KernelTestCase
{
    public function testALayerIsWrittenAndWhatTheKnifeDoesIsSaid(): void
    {
        $out = (string) \tempnam(\sys_get_temp_dir(), 'cut');
        try {
            foreach (['svg' => '<?xml', 'hpgl' => 'IN;SP1;VS30;FS90;PA;', 'dxf' => "0\nSECTION", 'pdf' => '%PDF-1.4'] as $format => $begin) {
                [$code, $said] = self::cut(Designs::folder().'/crew-shirt-back.json', ['--film' => 'chalk', '--format' => $format, '--out' => $out]);
                self::assertSame(0, $code, $said);
                self::assertStringStartsWith($begin, (string) \file_get_contents($out));
                $measures = Json::of($said);
                self::assertSame('chalk', $measures->get('film'));
                self::assertLessThan($measures->int('travelUnordered'), $measures->int('travel'));
                self::assertGreaterThan(1_000_000, $measures->int('cuttingLength'));
            }
            // The holder's way is longer than the tip's, since it swivels.
            self::cut(Designs::folder().'/crew-shirt-back.json', ['--film' => 'chalk', '--format' => 'hpgl', '--out' => $out]);
            $holder = (string) \file_get_contents($out);
            self::cut(Designs::folder().'/crew-shirt-back.json', ['--film' => 'chalk', '--format' => 'hpgl', '--out' => $out, '--no-compensation' => true]);
            self::assertGreaterThan(\filesize($out), \strlen($holder));
        } finally {
            \unlink($out);
        }
    }

    /** @return iterable<string, array{string, array<string, string>, string}> */
    public static function mistakes(): iterable
    {
        $design = Designs::folder().'/crew-shirt-back.json';
        yield 'no such file' => ['nowhere.json', ['--out' => 'x'], 'There is no file nowhere.json.'];
        yield 'no place to write to' => [$design, ['--film' => 'chalk'], 'Say with --out=FILE'];
        yield 'an unknown format' => [$design, ['--film' => 'chalk', '--format' => 'doc', '--out' => 'x'], 'There are: svg, hpgl, dxf, pdf.'];
        yield 'which of two films' => [$design, ['--out' => 'x'], '--film=ID: buoy, chalk.'];
        yield 'a film that it has not' => [$design, ['--film' => 'gold', '--out' => 'x'], '--film=ID: buoy, chalk.'];
        yield 'a folder that is not there' => [$design, ['--film' => 'chalk', '--out' => '/nowhere/at/all.svg'], 'cannot be written.'];
        yield 'no design' => [__FILE__, ['--out' => 'x'], 'JSON'];
    }

    /** @param array<string, string> $options */
    #[DataProvider('mistakes')]
    public function testMistakesAreSaidWithWhatToDo(string $file, array $options, string $said): void
    {
        [$code, $text] = self::cut($file, $options);
        self::assertSame(1, $code);
        self::assertStringContainsString($said, $text);
    }

    /**
     * @param array<string, mixed> $options
     *
     * @return array{int, string}
     */
    private static function cut(string $file, array $options): array
    {
        $tester = new CommandTester((new Application(self::bootKernel()))->find('uvret:cut'));
        $code = $tester->execute(['design' => $file] + $options, ['capture_stderr_separately' => true]);

        return [$code, 0 === $code ? $tester->getDisplay() : (string) \preg_replace('/\s+/', ' ', $tester->getErrorOutput())];
    }
}
