<?php

declare(strict_types=1);

namespace Uvret\Tests\Design;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Uvret\Design\Conforms;
use Uvret\Design\DesignReader;
use Uvret\Design\SchemaNode;
use Uvret\Tests\Support\Designs;

final class ConformsTest extends TestCase
{
    private const ODD = [null, true, 0, -1, 1_000_000_000, 2.5, '', 'centre', "line\nfeed\x01", 'ümlaut', [], [1], ['a', 'b']];

    /** @return iterable<string, array{string}> */
    public static function demos(): iterable
    {
        foreach (['regatta-shirt', 'stall-cheer', 'committee-brim', 'kit-bags-names'] as $demo) {
            yield $demo => [$demo];
        }
    }

    /** Whatever is done to a document, the JSON Schema library and the fast check agree on it. */
    #[DataProvider('demos')]
    public function testItAgreesWithTheLibraryOnEveryChange(string $demo): void
    {
        $json = (string) \json_encode(Designs::complete((string) \file_get_contents(Designs::folder()."/$demo.json")));
        $schema = SchemaNode::in(DesignReader::SCHEMA);
        $validator = new Validator();
        $dice = new Randomizer(new Mt19937(\strlen($json)));
        $valid = 0;
        for ($round = 0; $round < 400; ++$round) {
            $document = \json_decode($json);
            \assert($document instanceof \stdClass);
            $what = self::change($document, $dice);
            $expected = $validator->validate($document, (object) $schema->says)->isValid();
            self::assertSame($expected, Conforms::surely($document, $schema), $what);
            $valid += (int) $expected;
        }
        self::assertGreaterThan(20, $valid);
        self::assertLessThan(380, $valid);
    }

    /** @return iterable<string, array{array<string, mixed>, mixed, bool}> schema, value, whether it is sure */
    public static function cases(): iterable
    {
        yield 'least' => [['type' => 'integer', 'minimum' => 3], 3, true];
        yield 'below' => [['type' => 'integer', 'minimum' => 3], 2, false];
        yield 'most' => [['type' => 'number', 'maximum' => 3], 3.0, true];
        yield 'above' => [['type' => 'number', 'maximum' => 3], 3.1, false];
        yield 'letters, not bytes' => [['type' => 'string', 'maxLength' => 2], 'üö', true];
        yield 'too long' => [['type' => 'string', 'maxLength' => 2], 'abc', false];
        yield 'too short' => [['type' => 'string', 'minLength' => 1], '', false];
        yield 'a pattern to the very end' => [['type' => 'string', 'pattern' => '^a$'], "a\n", false];
        yield 'entries' => [['type' => 'array', 'minItems' => 1, 'maxItems' => 2, 'items' => (object) ['type' => 'boolean']], [true, false], true];
        yield 'too few' => [['type' => 'array', 'minItems' => 1], [], false];
        yield 'too many' => [['type' => 'array', 'maxItems' => 1, 'items' => (object) ['type' => 'boolean']], [true, true], false];
        yield 'one of some' => [['enum' => [1, 'a']], 'a', true];
        yield 'text is no number' => [['enum' => [1, 'a']], '1', false];
        yield 'one value' => [['const' => 9], 9, true];
        yield 'another value' => [['const' => 9], 8, false];
        yield 'a keyword it does not know' => [['type' => 'integer', 'multipleOf' => 2], 4, false];
        yield 'a type it does not know' => [['type' => 'null'], null, false];
        yield 'no type' => [['title' => 'anything'], 4, false];
        yield 'open objects' => [['type' => 'object'], new \stdClass(), false];
        yield 'closed objects' => [['type' => 'object', 'additionalProperties' => false], new \stdClass(), true];
    }

    /** @param array<string, mixed> $schema */
    #[DataProvider('cases')]
    public function testItIsSureOnlyOfWhatItKnows(array $schema, mixed $value, bool $isSure): void
    {
        $file = (string) \tempnam(\sys_get_temp_dir(), 'schema');
        \file_put_contents($file, \json_encode($schema));
        try {
            self::assertSame($isSure, Conforms::surely($value, SchemaNode::in($file)));
        } finally {
            \unlink($file);
        }
    }

    /** Goes down a random way and changes, adds or removes something there. */
    private static function change(\stdClass $document, Randomizer $dice): string
    {
        [$at, $path] = [$document, ''];
        while (0 !== $dice->getInt(0, 3)) {
            $below = \array_filter(\get_object_vars($at), static fn (mixed $one): bool => $one instanceof \stdClass
                || (\is_array($one) && ($one[0] ?? null) instanceof \stdClass));
            if ([] === $below) {
                break;
            }
            $step = $dice->pickArrayKeys($below, 1)[0];
            $path .= "/$step";
            $next = $below[$step];
            if (\is_array($next) && [] !== $next) {
                $number = $dice->pickArrayKeys($next, 1)[0];
                $path .= "/$number";
                $next = $next[$number];
            }
            \assert($next instanceof \stdClass);
            $at = $next;
        }
        $fields = \get_object_vars($at);
        $name = [] === $fields ? 'none' : (string) $dice->pickArrayKeys($fields, 1)[0];
        $odd = self::ODD[$dice->getInt(0, \count(self::ODD) - 1)];
        switch ($dice->getInt(0, 4)) {
            case 0:
                unset($at->{$name});

                return "$path/$name removed";
            case 1:
                $at->{"$name-more"} = $odd;

                return "$path/$name-more added";
            case 2:
                $at->{$name} = $fields[$name] ?? null;

                return "$path as it was";
            default:
                $at->{$name} = $odd;

                return "$path/$name is ".\json_encode($odd, \JSON_PARTIAL_OUTPUT_ON_ERROR);
        }
    }
}
