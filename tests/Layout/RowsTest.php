<?php

declare(strict_types=1);

namespace Uvret\Tests\Layout;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Cut\CutSheet;
use Uvret\Cut\Knife\KnifePlanner;
use Uvret\Cut\Knife\KnifeRing;
use Uvret\Cut\Knife\KnifeSettings;
use Uvret\Cut\Knife\KnifeWork;
use Uvret\Geometry\Affine;
use Uvret\Layout\Rows;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Stack;

/** Copies of a layer side by side in rows. */
final class RowsTest extends TestCase
{
    /**
     * The size of what is cut, in mm, on a film of 500 mm; how many of it; then how many lie in a row, the film's length, and whether they
     * are turned.
     *
     * @return iterable<string, array{int, int, int, int, int, bool}>
     */
    public static function sets(): iterable
    {
        yield 'one' => [188, 88, 1, 1, 100, false];
        yield 'a row' => [188, 88, 2, 2, 100, false];
        yield 'rows, the last one not full' => [88, 88, 12, 5, 300, false];
        yield 'shorter turned round' => [188, 38, 9, 9, 200, true];
        yield 'wider than the film, turned to fit' => [588, 88, 3, 3, 600, true];
        yield 'as long either way: as it was' => [88, 88, 5, 5, 100, false];
    }

    #[DataProvider('sets')]
    public function testCopiesLieInAsFewRowsAsTheyCan(int $wide, int $high, int $copies, int $inRow, int $length, bool $turned): void
    {
        $sheet = self::sheets($wide, $high);
        $rows = Rows::of($sheet, $copies);
        self::assertSame([$inRow, 1_000 * $length, $turned], [
            \count(\array_filter($rows->places, static fn (array $place): bool => 0 === $place['along'])),
            $rows->filmLength(),
            $rows->copy->turned,
        ]);
        $all = $rows->sheet();
        self::assertSame([$rows->filmLength(), $rows->filmWidth()], [$all->filmLength(), $all->filmWidth()]);
        self::assertCount($copies, $all->region->pieces());
        self::assertEqualsWithDelta($copies * $sheet->region->area(), $all->region->area(), 1.0);
        self::assertTrue($all->region->subtract($all->frame)->isEmpty());
        self::assertEquals($all->box, $all->frame->bounds(), 'frame to frame, nothing left free');
    }

    public function testEachCopyLiesWhereItIsSaidToAndNoneIsMirrored(): void
    {
        foreach (['Ottilie' => 200_000, 'Jo' => 40_000] as $words => $width) {
            $sheet = Designs::plan(['lines.0.words' => $words, 'lines.0.size.length' => $width])->cutPlan->sheets[0];
            $rows = Rows::of($sheet, 7);
            $film = $rows->sheet();
            $together = $film->alongFilm($film->region);
            foreach ($rows->places as ['along' => $along, 'across' => $across]) {
                $own = $rows->copy->alongFilm($rows->copy->region)->transform(Affine::move($along, $across));
                self::assertTrue($own->subtract($together)->isEmpty(), "$words at $along, $across");
                $together = $together->subtract($own);
            }
            self::assertTrue($together->isEmpty());
        }
    }

    public function testEdgesInCommonAreCutOnce(): void
    {
        // Six, turned round, in two rows of three: one line between the rows, and two between the columns.
        $film = Rows::of(self::sheets(200, 150), 6)->sheet();
        $parting = $film->parting;
        \sort($parting);
        self::assertSame([[0, 212_000, 486_000, 212_000], [162_000, 0, 162_000, 424_000], [324_000, 0, 324_000, 424_000]], $parting);
        $plan = (new KnifePlanner())->plan($film, new KnifeSettings());
        $lengths = \array_map(static function (KnifeRing $ring): float {
            $line = $ring->cut(0);
            $length = 0.0;
            for ($i = 2; $i < \count($line); $i += 2) {
                $length += \hypot($line[$i] - $line[$i - 2], $line[$i + 1] - $line[$i - 1]);
            }

            return $length;
        }, \array_filter($plan->rings, static fn (KnifeRing $ring): bool => KnifeWork::Frame === $ring->work || KnifeWork::Parting === $ring->work));
        // Three level lines from side to side and four upright ones, each once.
        self::assertEqualsWithDelta(3 * 486_000 + 4 * 424_000, \array_sum($lengths), 10.0);
    }

    public function testRowsOfFramesThatLieInTwoPartsKeepTheirParting(): void
    {
        $forms = [Stack::box('chalk', -60, 100, 40, 30), Stack::box('chalk', 60, 100, 40, 30)];
        [$sheet] = Stack::plan($forms, more: ['weeding' => (object) ['relief' => true]])->cutPlan->sheets;
        $film = Rows::of($sheet, 4)->sheet();
        self::assertCount(4 * \count($sheet->parting) + 2, $film->parting);
        self::assertGreaterThan(0, \count($sheet->parting));
    }

    public function testPiecesAreCutAgainInFramesOfTheirOwn(): void
    {
        $sheet = Designs::plan(['lines.0.words' => 'Oar', 'lines.0.font' => 'anton'])->cutPlan->sheets[0];
        $pieces = $sheet->region->pieces();
        self::assertCount(3, $pieces);
        $some = $sheet->only([2, 0]);
        self::assertNotNull($some);
        self::assertSame([2, 2], [\count($some->region->pieces()), \count($some->frame->pieces())]);
        self::assertEqualsWithDelta($pieces[0]->area() + $pieces[2]->area(), $some->region->area(), 1.0);
        self::assertTrue($some->region->subtract($some->frame->offset(-5_990))->isEmpty());
        self::assertSame([0, 0], [$some->box->left, $some->box->bottom]);
        self::assertNull($sheet->only([3]));
        self::assertNull($sheet->only([0, 9]));
    }

    private static function sheets(int $wide, int $high): CutSheet
    {
        return Stack::plan([Stack::box('chalk', 0, 100, $wide, $high)])->cutPlan->sheets[0];
    }
}
