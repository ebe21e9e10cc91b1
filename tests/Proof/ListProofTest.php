<?php

declare(strict_types=1);

namespace Uvret\Tests\Proof;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Compose\Composer;
use Uvret\Design\DesignReader;
use Uvret\Proof\ListEntry;
use Uvret\Proof\ListProof;
use Uvret\Proof\ProofNotes;
use Uvret\Roster\Person;
use Uvret\Roster\PersonPicture;
use Uvret\Roster\Team;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Letters;

final class ListProofTest extends TestCase
{
    /** @return iterable<string, array{int, int}> people and pages */
    public static function lists(): iterable
    {
        yield 'nobody' => [0, 1];
        yield 'a page' => [24, 1];
        yield 'one more' => [25, 2];
        yield 'three pages' => [49, 3];
    }

    #[DataProvider('lists')]
    public function testEverybodyHasAPlaceOfTheirOwn(int $count, int $expected): void
    {
        $entries = [];
        for ($at = 1; $at <= $count; ++$at) {
            $entries[] = new ListEntry(null, "Rower $at", 'XL', 2 === $at ? 'changed since approval' : '');
        }
        $pages = (new ListProof())->pages(Designs::read(), $entries, new ProofNotes('Bags', 'Rowers', 3, '4 June', null));
        self::assertCount($expected, $pages);
        foreach ($pages as $number => $page) {
            self::assertStringContainsString('page '.($number + 1)." of $expected", $page);
            \preg_match_all('/<text x="([\d.]+)" y="([\d.]+)"[^>]*>(Rower \d+)</', $page, $names, \PREG_SET_ORDER);
            $places = [];
            foreach ($names as $at => [, $x, $y, $name]) {
                self::assertSame('Rower '.(24 * $number + $at + 1), $name);
                self::assertLessThan(150, (float) $x);
                self::assertLessThan(262, (float) $y);
                $places["$x $y"] = true;
            }
            self::assertCount(\count($names), $places);
            self::assertStringContainsString('Approved by', $page);
        }
        self::assertSame($count > 1 ? 1 : 0, \substr_count(\implode('', $pages), 'changed since approval'));
        self::assertSame($count, \substr_count(\implode('', $pages), 'XL · nothing to cut'));
    }

    public function testAllPicturesAreAtOneScaleAndTheNameStandsInPlainType(): void
    {
        $document = \json_decode(Designs::json(['lines.0.words' => '⟨name⟩', 'lines.0.size' => ['by' => 'letter', 'length' => 20_000]]));
        $reader = new DesignReader();
        $design = $reader->fromDocument($document);
        self::assertInstanceOf(\stdClass::class, $document);
        $composer = new Composer(Letters::typeCase());
        $people = [new Person('a', ['name' => 'Bo']), new Person('b', ['name' => 'Wilhelmina & Søn'])];
        $entries = [];
        foreach ((new Team($reader, $composer, Letters::typeCase()))->designs($document, $people) as $made) {
            $entries[] = new ListEntry(PersonPicture::of($made, $composer->compose($made->design)), $made->person->cut('name'), '');
        }
        $page = (new ListProof())->pages($design, $entries, new ProofNotes('Bags', 'Rowers', 3, '4 June', 'Approved by Ines on 4 June'))[0];
        self::assertStringContainsString('>Wilhelmina &amp; Søn<', $page);
        self::assertStringContainsString('Approved by Ines on 4 June', $page);
        self::assertSame(2, \preg_match_all('/<svg x="[\d.]+" y="[\d.]+" width="54" height="13" viewBox="(-?\d+) (-?\d+) (\d+) (\d+)"/', $page, $views, \PREG_SET_ORDER));
        self::assertSame([$views[0][3], $views[0][4]], [$views[1][3], $views[1][4]], 'as large as the longest needs');
        foreach ($entries as $at => $entry) {
            $box = $entry->picture?->box;
            self::assertNotNull($box);
            self::assertEqualsWithDelta(($box->left + $box->right) / 2, (int) $views[$at][1] + (int) $views[$at][3] / 2, 1.5);
            self::assertEqualsWithDelta(($box->top + $box->bottom) / 2, -((int) $views[$at][2] + (int) $views[$at][4] / 2), 1.5);
            self::assertLessThanOrEqual((int) $views[$at][3], $box->width());
        }
    }
}
