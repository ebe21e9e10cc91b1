<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Uvret\App\Api\DraftReader;
use Uvret\App\Press\PressCards;
use Uvret\App\Repository\JobDesigns;
use Uvret\Press\PressPlan;
use Uvret\Tests\Support\ApiCase;

/** Templates at true size, measured on what poppler draws of them. */
final class TemplateTest extends ApiCase
{
    /** Dots to a millimetre of the pictures. */
    private const DOTS = 10;

    /** @return iterable<string, array{string, float, float}> what is asked for, and the size of the paper in points */
    public static function papers(): iterable
    {
        yield 'A4' => ['', 595.28, 841.89];
        yield 'letter' => ['?paper=letter', 612.0, 792.0];
    }

    #[DataProvider('papers')]
    public function testTheScaleAndTheInkAreAsLongOnPaperAsTheyAre(string $query, float $width, float $height): void
    {
        $this->client->request('GET', "/api/designs/launch-cap/template.pdf$query");
        self::assertResponseIsSuccessful();
        $pdf = (string) $this->client->getResponse()->getContent();
        $info = (new Process(['pdfinfo', '-'], input: $pdf))->mustRun()->getOutput();
        self::assertSame(1, \preg_match('/Pages:\s+1\b/', $info), 'the cap fits on one sheet');
        \preg_match('/Page size:\s+([\d.]+) x ([\d.]+)/', $info, $size);
        self::assertEqualsWithDelta($width, (float) ($size[1] ?? 0), 1.5);
        self::assertEqualsWithDelta($height, (float) ($size[2] ?? 0), 1.5);

        [$columns, $rows, $pixels] = self::picture($pdf);
        // The scale is the longest black line across.
        $longest = 0;
        for ($row = 0; $row < $rows; ++$row) {
            $line = \substr($pixels, 3 * $row * $columns, 3 * $columns);
            \preg_match_all('/(?:[\x00-\x50]{3})+/', $line, $runs);
            foreach ($runs[0] as $run) {
                $longest = \max($longest, \intdiv(\strlen($run), 3));
            }
        }
        self::assertEqualsWithDelta(150.0 + 0.2, $longest / self::DOTS, 0.2, 'the scale, with half a line at either end');

        // The lines to measure along are drawn in one colour: as far from one another as the ink's ends are.
        $plan = $this->plan('launch-cap');
        $at = [];
        for ($column = 0; $column < $columns; ++$column) {
            $marked = 0;
            for ($row = 0; $row < $rows; ++$row) {
                $marked += self::isMark(\substr($pixels, 3 * ($row * $columns + $column), 3)) ? 1 : 0;
            }
            if ($marked > 50) {
                $at[] = $column;
            }
        }
        [$first, $last] = [\min([...$at, $columns]), \max([...$at, 0])];
        $apart = ($plan->distances[2]->toX - $plan->distances[0]->toX) / 1_000;
        self::assertEqualsWithDelta($apart + 0.3, ($last - $first + 1) / self::DOTS, 0.2, 'and as thick as a line');
    }

    public function testWhatDoesNotFitIsTiledAndEverySheetSaysWhichItIs(): void
    {
        $this->client->request('GET', '/api/designs/crew-shirt-names/template.pdf?row=row-5');
        $pdf = (string) $this->client->getResponse()->getContent();
        $text = (new Process(['pdftotext', '-layout', '-', '-'], input: $pdf))->mustRun()->getOutput();
        \preg_match('/Sheet 1 of (\d)/', $text, $found);
        $count = (int) ($found[1] ?? 0);
        self::assertGreaterThan(1, $count);
        self::assertSame($count, \preg_match_all('/This line is 150 mm long/', $text));
        self::assertStringContainsString("Sheet $count of $count", $text);
        $this->client->request('GET', '/api/designs/crew-shirt-names/template.pdf');
        self::assertNotSame($pdf, (string) $this->client->getResponse()->getContent(), 'each with their own name');
    }

    public function testWithoutInkThereIsNothingToPrint(): void
    {
        $opened = $this->get('/api/designs/launch-cap');
        $this->put($opened->with('document.lines', []));
        $this->client->request('GET', '/api/designs/launch-cap/template.pdf');
        self::assertResponseStatusCodeSame(404);
        self::assertStringContainsString('type some first', (string) $this->client->getResponse()->getContent());
    }

    /** @return array{int, int, string} columns, rows, and red, green and blue of each */
    private static function picture(string $pdf): array
    {
        $ppm = (new Process(['pdftoppm', '-r', (string) (25.4 * self::DOTS), '-'], input: $pdf))->mustRun()->getOutput();
        \preg_match('/^P6\s+(\d+)\s+(\d+)\s+255\s/', $ppm, $head);

        return [(int) ($head[1] ?? 0), (int) ($head[2] ?? 0), \substr($ppm, \strlen($head[0] ?? ''))];
    }

    /** Whether a dot has the colour of the lines to measure along. */
    private static function isMark(string $dot): bool
    {
        [$red, $green, $blue] = [\ord($dot[0]), \ord($dot[1]), \ord($dot[2])];

        return $red > 170 && $green > 90 && $green < 180 && $blue < 130 && $red - $blue > 90;
    }

    private function plan(string $design): PressPlan
    {
        [$designs, $drafts, $cards] = \array_map(
            static fn (string $class): object => self::getContainer()->get($class),
            [JobDesigns::class, DraftReader::class, PressCards::class],
        );
        \assert($designs instanceof JobDesigns && $drafts instanceof DraftReader && $cards instanceof PressCards);

        return $cards->plan($drafts->draft($designs->get($design)->document)->plan);
    }
}
