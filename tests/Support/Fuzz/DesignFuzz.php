<?php

declare(strict_types=1);

namespace Uvret\Tests\Support\Fuzz;

use Uvret\Design\Design;
use Uvret\Design\DesignException;
use Uvret\Design\DesignReader;
use Uvret\Plan\Planner;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Letters;

/**
 * Random designs of all that the schema allows, thrown together without sense: cards that follow, fill, are set into and cut from one
 * another or themselves, in any size. Each must be worked out, or say for a part why that is not made.
 */
final class DesignFuzz
{
    private const FILMS = ['ink', 'chalk', 'buoy'];
    private const FONTS = ['anton', 'lobster', 'graduate', 'sacramento', 'bungee', 'rye', 'oswald', 'gone'];
    private const WORDS = ['TERN', 'Regatta', 'Ot–ilie', 'ROWING CLUB', "TERN\nPoint", 'a', '', '  x ', 'ÀB', "A\u{301}", '☃'];
    private const FINISHES = ['smooth', 'glitter', 'flock', 'puff', 'metallic', 'stretch'];

    /** Fields whose values would mostly be refused. */
    private const PLAIN = ['features' => [], 'glyph' => -1, 'language' => ''];

    /** @var array<string, mixed> definitions of the schema, by name */
    private array $definitions;

    /** @var list<string> the ids of the cards */
    private array $cards = [];

    private int $pieces = 0;

    public function __construct(private readonly \Random\Randomizer $random)
    {
        $schema = \json_decode((string) \file_get_contents(\dirname(__DIR__, 3).'/core/Design/design.schema.json'), true, 64, \JSON_THROW_ON_ERROR);
        \assert(\is_array($schema) && \is_array($schema['$defs']));
        /** @var array<string, mixed> $definitions */
        $definitions = $schema['$defs'];
        $this->definitions = $definitions;
    }

    /** @return string|null what is wrong with a case of a seed */
    public static function check(int $seed, int $case): ?string
    {
        $design = (new self(new \Random\Randomizer(new \Random\Engine\Mt19937($seed * 1_000_003 + $case))))->design();
        try {
            $plan = (new Planner(Letters::typeCase()))->plan($design);
        } catch (\Throwable $e) {
            return $e::class.': '.$e->getMessage().' in '.\basename($e->getFile()).' line '.$e->getLine();
        }
        foreach ($plan->composition->parts as $part) {
            if (null !== $part->failure && 1 !== \preg_match('/^[\p{Lu}“].*\.$/us', $part->failure)) {
                return "no sentence: {$part->failure}";
            }
        }

        return null;
    }

    public function design(): Design
    {
        for ($tries = 0; $tries < 20; ++$tries) {
            try {
                return (new DesignReader())->fromJson($this->json());
            } catch (DesignException) {
                // What only the reader tells, like a size of nothing.
            }
        }
        throw new \LogicException('Hardly any design is right.');
    }

    private function json(): string
    {
        [$lines, $forms, $motifs] = [$this->random->getInt(1, 3), $this->random->getInt(0, 3), 0 === $this->random->getInt(0, 2) ? 1 : 0];
        $this->cards = [...self::ids('line', $lines), ...self::ids('form', $forms), ...self::ids('motif', $motifs)];
        $cards = ['line' => [], 'form' => [], 'motif' => []];
        foreach ($this->cards as $id) {
            $kind = \explode('-', $id)[0];
            $cards[$kind][] = [...(array) $this->value($kind, ['$ref' => "#/\$defs/$kind"]), 'id' => $id];
        }
        $own = fn (int $from, int $to): int => $this->random->getInt($from, $to);

        return Designs::json([
            'films' => \array_map(
                fn (string $id): array => [
                    'id' => $id,
                    'name' => \ucfirst($id),
                    'finish' => $this->one(self::FINISHES),
                    'opaque' => 0 === $own(0, 1),
                ] + Designs::FILM,
                self::FILMS,
            ),
            'lines' => \array_map(
                fn (array $line): array => [
                    ...$line,
                    'words' => $this->one(self::WORDS),
                    'font' => $this->one(self::FONTS),
                    'size' => ['by' => $this->one(['width', 'height', 'letter', 'area']), 'length' => $own(1_000, 150_000)],
                ],
                $cards['line'],
            ),
            'forms' => \array_map(static fn (array $form): array => [...$form, 'width' => $own(500, 120_000), 'height' => $own(500, 120_000)], $cards['form']),
            'motifs' => \array_map(static fn (array $motif): array => [
                ...$motif,
                'name' => 'Oars',
                'width' => $own(500, 90_000),
                'height' => $own(500, 90_000),
                'colours' => [
                    ['colour' => '#123456', 'film' => 'ink', 'path' => 'M0 0L90 0L90 90L0 90Z'],
                    ['colour' => '#654321', 'film' => 'buoy', 'path' => 'M20 20C20 0 70 0 70 20L70 70L20 70Z'],
                ],
            ], $cards['motif']),
            'layering' => (object) (array) $this->value(
                'layering',
                ['properties' => ['usual' => ['$ref' => '#/$defs/jointChoice'], 'thickest' => ['type' => 'integer', 'minimum' => 50, 'maximum' => 900]]],
            ),
        ]);
    }

    /** @return list<string> */
    private static function ids(string $kind, int $count): array
    {
        return 0 === $count ? [] : \array_map(static fn (int $number): string => "$kind-$number", \range(1, $count));
    }

    /**
     * @template Value
     *
     * @param non-empty-list<Value> $values
     *
     * @return Value
     */
    private function one(array $values): mixed
    {
        return $values[$this->random->getInt(0, \count($values) - 1)];
    }

    /** @param array<mixed> $schema of the value */
    private function value(string $field, array $schema): mixed
    {
        if (isset($schema['$ref'])) {
            $schema = $this->definitions[\substr((string) self::text($schema['$ref']), 8)] ?? [];
            \assert(\is_array($schema));
        }
        if (isset(self::PLAIN[$field])) {
            return self::PLAIN[$field];
        }
        if (isset($schema['enum']) && \is_array($schema['enum'])) {
            return $this->one(\array_values($schema['enum']) ?: ['']);
        }

        return match ($schema['type'] ?? 'object') {
            'boolean' => 0 === $this->random->getInt(0, \in_array($field, ['hidden', 'locked', 'guide'], true) ? 9 : 1),
            'integer', 'number' => $this->number($field, $schema),
            'string' => $this->string($field),
            'array' => $this->list($field, $schema),
            default => $this->object($schema),
        };
    }

    /** @param array<mixed> $schema */
    private function number(string $field, array $schema): int
    {
        $least = \is_numeric($schema['minimum'] ?? null) ? (int) $schema['minimum'] : -100_000;
        $most = \is_numeric($schema['maximum'] ?? null) ? (int) $schema['maximum'] : 100_000;
        if ($most > 1_000) {
            return $this->random->getInt(\max($least, -60_000), \max($least, \min($most, $this->one([1_000, 4_000, 20_000]))));
        }

        // Many copies take long, and nothing else.
        return $this->random->getInt($least, \in_array($field, ['across', 'down', 'count'], true) ? \min($most, 4) : $most);
    }

    private function string(string $field): string
    {
        return match ($field) {
            'film' => $this->one(self::FILMS),
            'card', 'shape', 'with', 'form' => 0 === $this->random->getInt(0, 1) ? '' : $this->one($this->cards ?: ['']),
            'group' => $this->one(['', 'crew']),
            'id' => 'piece-'.++$this->pieces,
            default => '',
        };
    }

    /**
     * @param array<mixed> $schema
     *
     * @return list<mixed>
     */
    private function list(string $field, array $schema): array
    {
        $least = \is_int($schema['minItems'] ?? null) ? $schema['minItems'] : 0;
        $values = [];
        for ($count = $this->random->getInt($least, \max($least, 2)); $count > 0; --$count) {
            $values[] = $this->value($field, (array) ($schema['items'] ?? []));
        }

        return 'letters' === $field ? \array_values(\array_column($values, null, 'at')) : $values;
    }

    /**
     * @param array<mixed> $schema
     *
     * @return array<mixed>|\stdClass
     */
    private function object(array $schema): array|\stdClass
    {
        $fields = [];
        foreach ((array) ($schema['properties'] ?? []) as $name => $property) {
            if (\in_array($name, (array) ($schema['required'] ?? []), true) || 0 === $this->random->getInt(0, 1)) {
                $fields[$name] = $this->value((string) $name, (array) $property);
            }
        }

        return [] === $fields ? new \stdClass() : $fields;
    }

    private static function text(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }
}
