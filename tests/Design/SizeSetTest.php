<?php

declare(strict_types=1);

namespace Uvret\Tests\Design;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Design\DesignReader;
use Uvret\Design\SchemaNode;
use Uvret\Design\SizeSet;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Json;

final class SizeSetTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, array<string, int>}> what is set, and the measures on a size with an area half as wide again */
    public static function rules(): iterable
    {
        $table = [['size' => 'L', 'length' => 77_000], ['size' => 'S', 'length' => 33_000]];
        yield 'all stays' => [[], ['lines.0.size.length' => 60_000, 'forms.0.size.width' => 40_000, 'forms.0.place.across' => -21]];
        yield 'a line grows' => [['lines.0.bySize' => ['rule' => 'grow']], [
            'lines.0.size.length' => 90_000,
            'lines.0.fitting.atMost' => 150_000,
            'lines.0.follows.arc.radius' => 300_000,
            'lines.0.stacking.gap' => 3_000,
            'lines.0.treatments.outlines.0.width' => 2_000,
            'forms.0.size.width' => 40_000,
        ]];
        yield 'a form grows' => [['forms.0.bySize' => ['rule' => 'grow']], [
            'lines.0.size.length' => 60_000,
            'forms.0.size.width' => 60_000,
            'forms.0.size.height' => 30_000,
            'forms.0.place.across' => -32,
            'forms.0.place.down' => 45_000,
        ]];
        yield 'a line by a table' => [['lines.0.bySize' => ['rule' => 'table', 'table' => $table]], [
            'lines.0.size.length' => 77_000,
            'lines.0.fitting.atMost' => 100_000,
        ]];
        yield 'a form by a table keeps its proportions' => [['forms.0.bySize' => ['rule' => 'table', 'table' => $table]], [
            'forms.0.size.width' => 77_000,
            'forms.0.size.height' => 38_500,
            'forms.0.place.down' => 30_000,
        ]];
        yield 'a table without the size' => [['lines.0.bySize' => ['rule' => 'table', 'table' => [$table[1]]]], ['lines.0.size.length' => 60_000]];
    }

    /**
     * @param array<string, mixed> $set
     * @param array<string, int>   $expected
     */
    #[DataProvider('rules')]
    public function testMeasuresOnAnotherSize(array $set, array $expected): void
    {
        $document = self::document($set);
        $before = \json_encode($document);
        $large = self::sizes()->document($document, ' l ');
        self::assertSame($before, \json_encode($document), 'the design itself stays as it is');
        $json = Json::of((string) \json_encode($large));
        foreach ($expected as $path => $value) {
            self::assertSame($value, $json->get($path), $path);
        }
        self::assertSame(['L', 500_000, 300_000], [$json->get('blank.size'), $json->get('blank.width'), $json->get('blank.placement.width')]);
        self::assertSame(300_000, (new DesignReader())->fromDocument($large)->blank->placement->width, 'it is a design');
    }

    public function testItStaysWhereTheBlankDoesNotComeInThatSizeOrPlace(): void
    {
        $document = self::document([]);
        foreach (['', 'XXL', 'M', 'bare'] as $size) {
            self::assertSame($document, self::sizes()->document($document, $size), $size);
        }
        self::assertSame($document, SizeSet::none()->document($document, 'L'));
        self::assertSame(['M', 'L', 'bare'], self::sizes()->sizes());
    }

    public function testEveryLengthOfACardIsKnownToGrowOrToStay(): void
    {
        $lengths = [];
        foreach (['lines', 'forms', 'motifs'] as $list) {
            self::lengths(SchemaNode::in(DesignReader::SCHEMA)->properties()[$list]->items(), '', $lengths);
        }
        $stays = \array_filter(\array_keys($lengths), static fn (string $path): bool => 1 === \preg_match('#^(bySize|treatments|pieces)/#', $path));
        $known = [...SizeSet::GROWS, ...$stays];
        self::assertSame([], \array_values(\array_diff(\array_keys($lengths), $known)));
        self::assertSame([], \array_values(\array_diff(SizeSet::GROWS, \array_keys($lengths))), 'and none that is not there');
    }

    /** @param array<string, true> $found paths of whole numbers that reach to 20 m, as all lengths do */
    private static function lengths(SchemaNode $node, string $path, array &$found): void
    {
        foreach ($node->properties() as $name => $field) {
            if ('integer' === ($field->says['type'] ?? null) && 20_000_000 === ($field->says['maximum'] ?? null)) {
                $found[$path.$name] = true;
            }
            self::lengths($field, "$path$name/", $found);
        }
    }

    private static function sizes(): SizeSet
    {
        $placement = static fn (string $id, int $width): object => (object) ([
            'id' => $id, 'width' => $width,
        ] + ['name' => 'Front', 'height' => 200_000, 'across' => 0, 'down' => 60_000, 'from' => []]);
        $id = self::placement();

        return SizeSet::of((object) ['sizes' => [
            (object) ['size' => 'M', 'width' => 450_000, 'placements' => [$placement($id, 200_000)]],
            (object) ['size' => 'L', 'width' => 500_000, 'placements' => [$placement('other', 1), $placement($id, 300_000)]],
            (object) ['size' => 'bare', 'width' => 500_000, 'placements' => []],
        ]]);
    }

    private static function placement(): string
    {
        return Json::of((string) \json_encode(self::document([])))->string('blank.placement.id');
    }

    /** @param array<string, mixed> $set */
    private static function document(array $set): \stdClass
    {
        $form = ['id' => 'plate', 'film' => 'ink', 'shape' => ['kind' => 'rectangle'], 'size' => ['width' => 40_000, 'height' => 20_000]];
        $document = self::complete(Designs::json(['forms.0' => $form + ['place' => ['across' => -21, 'down' => 30_000]]]));
        $json = Json::of((string) \json_encode($document));
        foreach ($set + [
            'blank.size' => 'M',
            'blank.placement.width' => 200_000,
            'lines.0.size.length' => 60_000,
            'lines.0.fitting.atMost' => 100_000,
            'lines.0.follows.arc.radius' => 200_000,
            'lines.0.stacking.gap' => 2_000,
            'lines.0.treatments.outlines' => [['width' => 2_000, 'film' => 'ink']],
        ] as $path => $value) {
            $json = $json->with($path, $value);
        }

        return self::complete((string) $json);
    }

    private static function complete(string $json): \stdClass
    {
        $document = \json_decode($json, false, 64, \JSON_THROW_ON_ERROR);
        (new DesignReader())->fromDocument($document);
        \assert($document instanceof \stdClass);

        return $document;
    }
}
