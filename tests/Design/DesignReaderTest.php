<?php

declare(strict_types=1);

namespace Uvret\Tests\Design;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Design\DesignException;
use Uvret\Design\DesignReader;
use Uvret\Design\SizeBy;
use Uvret\Tests\Support\Designs;

final class DesignReaderTest extends TestCase
{
    public function testReadsADemoDesign(): void
    {
        $design = (new DesignReader())->fromJson((string) \file_get_contents(Designs::folder().'/crew-shirt-back.json'));

        self::assertSame('Back of the shirt', $design->name);
        self::assertSame(['club', 'regatta', 'crew'], \array_column($design->lines, 'id'));
        self::assertSame(SizeBy::Width, $design->lines[0]->size->by);
        self::assertSame(280000, $design->blank->placement->width);
        self::assertTrue($design->film('chalk')->mirrored);
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('wrongDocuments')]
    public function testWrongDocumentsAreRefusedWithThePathToTheField(array $change, string $path, string $reason): void
    {
        try {
            Designs::read($change);
            self::fail('The document was taken.');
        } catch (DesignException $e) {
            self::assertSame($path, $e->path);
            self::assertStringContainsString($reason, $e->reason);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrongDocuments(): iterable
    {
        yield 'unknown field' => [['colour' => 'red'], 'colour', 'is not a field'];
        yield 'unknown field within a line' => [['lines.0.mirror' => true], 'lines/0/mirror', 'is not a field'];
        yield 'missing field' => [['blank.placement.width' => null], 'blank/placement/width', 'is missing'];
        yield 'a length that is not whole' => [['lines.0.size.length' => 12.5], 'lines/0/size/length', 'a whole number'];
        yield 'text for a number' => [['lines.0.gap' => '3'], 'lines/0/stacking/gap', 'a whole number'];
        yield 'too large' => [['blank.placement.width' => 99_000_000], 'blank/placement/width', 'at most 20000000'];
        yield 'an unknown word' => [['lines.0.align' => 'middle'], 'lines/0/place/align', 'must be one of left, centre, right'];
        yield 'a later version' => [['uvret' => 4], '', 'made by a newer Uvret: its format is 4'];
        yield 'a version before the first' => [['uvret' => 0], 'uvret', 'must be 3'];
        yield 'a film that is not there' => [['lines.0.film' => 'gold'], 'lines/0/film', 'does not have'];
        yield 'no size' => [['lines.0.size.length' => 0], 'lines/0/size/length', 'more than 0'];
        yield 'control characters' => [['lines.0.words' => "two\x07lines"], 'lines/0/lettering/words', 'cannot have'];
        yield 'the same id twice' => [['films.1' => Designs::FILM], 'films/1/id', 'its own'];
    }

    /** @return iterable<array{mixed}> */
    public static function noDocuments(): iterable
    {
        yield [null];
        yield [[]];
        yield ['{}'];
        yield [new \stdClass()];
        yield [(object) ['uvret' => '1', 'name' => 'Bag']];
        yield [(object) ['uvret' => 1.0, 'lines' => 'none']];
        yield [(object) ['uvret' => 1, 'lines' => [1, null, 'line'], 'forms' => null]];
    }

    #[DataProvider('noDocuments')]
    public function testWhatIsNoDocumentIsRefused(mixed $document): void
    {
        $this->expectException(DesignException::class);
        (new DesignReader())->fromDocument($document);
    }

    public function testNotJson(): void
    {
        $this->expectException(DesignException::class);
        (new DesignReader())->fromJson('{"uvret": 1,');
    }
}
