<?php

declare(strict_types=1);

namespace Uvret\App\Api;

use OpenApi\Generator;
use Psr\Log\NullLogger;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Uvret\Design\DesignReader;
use Uvret\Design\RackFilmReader;
use Uvret\Design\ShopBlankReader;

/**
 * The OpenAPI description: the paths and shapes from the attributes of the PHP code, the design
 * document from its JSON Schema.
 */
final readonly class Description
{
    public function __construct(#[Autowire('%kernel.project_dir%/src')] private string $source)
    {
    }

    public function toJson(): string
    {
        $scanned = (new Generator(new NullLogger()))->generate([$this->source.'/Api', $this->source.'/Controller'], validate: false);
        /** @var array{components: array{schemas: array<string, mixed>}} $description */
        $description = \json_decode(null === $scanned ? '' : $scanned->toJson(), true, 64, \JSON_THROW_ON_ERROR);
        $description['components']['schemas'] += $this->designSchemas();
        \ksort($description['components']['schemas']);

        return \json_encode($description, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR)."\n";
    }

    /**
     * The schemas of the core's documents, with references turned to the components here.
     *
     * @return array<string, mixed>
     */
    private function designSchemas(): array
    {
        /** @var array{'$defs': array<string, array<string, mixed>>} $design */
        $design = self::schema(DesignReader::SCHEMA);
        $schemas = [];
        foreach ($design['$defs'] as $name => $definition) {
            $schemas['Design'.\ucfirst($name)] = $definition;
        }
        unset($design['$defs']);
        $schemas['Design'] = $design;
        $schemas['RackFilm'] = self::schema(RackFilmReader::SCHEMA);
        $schemas['ShopBlank'] = self::schema(ShopBlankReader::SCHEMA);

        return $schemas;
    }

    /** @return array<string, mixed> */
    private static function schema(string $file): array
    {
        $text = (string) \preg_replace_callback(
            '~"[\w.]*#/\$defs/(\w+)"~',
            static fn (array $m): string => '"#/components/schemas/Design'.\ucfirst($m[1]).'"',
            (string) \file_get_contents($file),
        );
        /** @var array<string, mixed> $schema */
        $schema = \json_decode($text, true, 64, \JSON_THROW_ON_ERROR);
        unset($schema['$schema'], $schema['$id']);

        return $schema;
    }
}
