<?php

declare(strict_types=1);

namespace Uvret\Tests\Design;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Uvret\Design\Design;
use Uvret\Design\DesignException;
use Uvret\Design\DesignReader;
use Uvret\Design\Differences;
use Uvret\Design\Reading\ValueReader;
use Uvret\Design\SchemaNode;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Json;

/** Each field of a whole document in turn: set wrongly, and set otherwise. */
#[Group('slow')]
final class EveryFieldTest extends TestCase
{
    /** What is asked to read as every field; some of it is right in some places. */
    private const ODD = [true, -1_000_000_000, '', [], ['id' => 1]];

    /** @return iterable<string, array{list<string>}> the paths of fields, part by part of the document */
    public static function parts(): iterable
    {
        $parts = [];
        foreach (self::paths(self::document()->data()) as $path) {
            $parts[\explode('.', $path)[0]][] = $path;
        }
        foreach ($parts as $part => $paths) {
            yield $part => [$paths];
        }
    }

    /** @param list<string> $paths */
    #[DataProvider('parts')]
    public function testWhatIsWrongIsSaidByThePathToIt(array $paths): void
    {
        $document = self::document();
        $reader = new DesignReader();
        $refused = 0;
        foreach ($paths as $path) {
            foreach (self::ODD as $value) {
                try {
                    $reader->fromJson((string) $document->with($path, $value));
                } catch (DesignException $e) {
                    ++$refused;
                    // What is wrong of it is told where it is, or where it is missed from.
                    $steps = \explode('.', $path);
                    self::assertMatchesRegularExpression(
                        '#'.\preg_quote(
                            \implode('/', \count($steps) > 1 ? \array_slice($steps, 0, -1) : $steps),
                            '#',
                        ).'|'.\preg_quote($steps[\count($steps) - 1], '#').'|repeats|films|must be one of#',
                        $e->getMessage(),
                    );
                }
            }
        }
        self::assertGreaterThan(2 * \count($paths), $refused, 'most of that is wrong in most places');
    }

    /** @param list<string> $paths */
    #[DataProvider('parts')]
    public function testEveryChangeIsToldInWords(array $paths): void
    {
        $document = self::document();
        $before = Designs::complete((string) $document);
        self::assertSame([], Differences::between($before, Designs::complete((string) $document)));
        $changed = 0;
        foreach ($paths as $path) {
            $after = self::otherwise($document, $path, $before);
            if (null !== $after) {
                ++$changed;
                $said = Differences::between($before, $after);
                self::assertNotSame([], $said, "$path is told of");
                self::assertLessThanOrEqual(3, \count($said), "$path is one thing: ".\implode(' ', $said));
                self::assertMatchesRegularExpression('/^[\p{Lu}“].*\.$/u', \implode(' ', $said));
            }
        }
        self::assertGreaterThan('uvret' === $paths[0] ? -1 : 0, $changed);
    }

    /** Every setting of a card has its phrase in the schema: its title, or what is said of the group that it is in. */
    public function testTheTableOfPhrasesIsComplete(): void
    {
        $without = [];
        foreach (['lines', 'forms', 'motifs'] as $list) {
            self::untold(SchemaNode::in(DesignReader::SCHEMA)->properties()[$list]->items(), $list, $without);
        }
        // An id is what tells one card from another.
        self::assertSame(['lines/id', 'forms/id', 'motifs/id'], $without);
    }

    /** @param list<string> $without */
    private static function untold(SchemaNode $node, string $path, array &$without): void
    {
        foreach ($node->properties() as $name => $field) {
            if ('' === $field->word('title').$field->word('changed')) {
                [] === $field->properties() ? $without[] = "$path/$name" : self::untold($field, "$path/$name", $without);
            }
        }
    }

    /** The design with another value in a field; null if there is none that makes another design. */
    private static function otherwise(Json $document, string $path, \stdClass $before): ?\stdClass
    {
        $value = $document->get($path);
        $candidates = match (true) {
            \is_bool($value) => [!$value],
            \is_int($value) => [$value + 1_000, $value - 1_000, $value + 1, $value - 1],
            \is_float($value) => [$value + 1.5, $value - 1.5],
            \is_string($value) => [
                $value.' too',
                'lay over',
                'arc',
                'ring',
                'curved',
                'glitter',
                'as is',
                'flat',
                'fill',
                'join',
                'drop',
                'all',
                'rise',
                'angle',
                'down',
                'lower',
                'inwards',
                'middle',
                'bottom',
                'none',
                'right',
                'left',
                'above',
                'width',
                'in',
                'reading',
                'grid',
                'star',
                'own',
                'inside',
                'outside',
                'turned',
                'chalk',
                'buoy',
                'line',
                'plate',
                'oars',
                '#123456',
                'nl',
                'anton',
                'tee-front',
            ],
            default => [],
        };
        foreach ($candidates as $candidate) {
            try {
                $after = Designs::complete((string) $document->with($path, $candidate));
            } catch (DesignException) {
                continue;
            }
            if ($candidate !== $value && ValueReader::read(Design::class, $after) != ValueReader::read(Design::class, $before)) {
                return $after;
            }
        }

        return null;
    }

    /** A line, a form and a motif, each with every treatment, and everything that may be left out. */
    private static function document(): Json
    {
        $treatments = ['outlines' => [['film' => 'buoy']], 'erased' => [['id' => 'piece-1', 'points' => [0, 0, 900, 0, 900, 900]]]];
        $json = Designs::json([
            'formerly' => ['ink', 'chalk'],
            'films' => \array_map(static fn (string $id): array => ['id' => $id, 'name' => \ucfirst($id)] + Designs::FILM, ['ink', 'chalk', 'buoy']),
            'lines.0.id' => 'line', 'lines.0.letters' => [['at' => 1, 'kern' => 20]], 'lines.0.treatments' => $treatments, 'lines.0.gap' => 4_000,
            'forms' => [
                [
                    'id' => 'plate',
                    'kind' => 'rectangle',
                    'film' => 'ink',
                    'width' => 90_000,
                    'height' => 40_000,
                    'across' => 0,
                    'down' => 60_000,
                    'treatments' => $treatments,
                ],
            ],
            'motifs' => [
                [
                    'id' => 'oars',
                    'name' => 'Oars',
                    'width' => 40_000,
                    'height' => 40_000,
                    'across' => 0,
                    'down' => 60_000,
                    'colours' => [['colour' => '#123456', 'film' => 'ink', 'path' => 'M0 0L9 0L9 9Z']],
                    'treatments' => $treatments,
                ],
            ],
            'layering' => ['joints' => [['id' => 'buoy ink', 'film' => 'ink', 'other' => 'buoy', 'kind' => 'butted', 'width' => 300]]],
        ]);

        return Json::of(\json_encode(Designs::complete($json), \JSON_THROW_ON_ERROR));
    }

    /**
     * @param array<mixed> $data
     *
     * @return list<string>
     */
    private static function paths(array $data, string $before = ''): array
    {
        $paths = [];
        foreach ($data as $key => $value) {
            $path = "$before$key";
            \array_push($paths, ...(\is_array($value) && [] !== $value ? self::paths($value, "$path.") : [$path]));
        }

        return $paths;
    }
}
