<?php

declare(strict_types=1);

namespace Uvret\App\Api;

use OpenApi\Generator;
use Psr\Log\NullLogger;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Uvret\Design\DesignReader;

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

    /** @return array<string, mixed> */
    private function designSchemas(): array
    {
        $text = (string) \file_get_contents(DesignReader::SCHEMA);
        $text = (string) \preg_replace_callback('~#/\$defs/(\w+)~', static fn (array $m): string => '#/components/schemas/Design'.\ucfirst($m[1]), $text);
        /** @var array{'$schema': string, '$id': string, properties: array<string, mixed>, '$defs': array<string, array{properties: array<string, mixed>}>} $schema */
        $schema = \json_decode($text, true, 64, \JSON_THROW_ON_ERROR);
        $schemas = [];
        foreach ($schema['$defs'] as $name => $definition) {
            $schemas['Design'.\ucfirst($name)] = $definition;
        }
        // Two parts of a blank stand on their own, since the shop's list of blanks has them too.
        foreach (['drawing', 'fabric'] as $part) {
            $schemas['Design'.\ucfirst($part)] = $schema['$defs']['blank']['properties'][$part];
        }
        unset($schema['$defs'], $schema['$schema'], $schema['$id']);
        $schemas['Design'] = $schema;

        return $schemas;
    }
}
