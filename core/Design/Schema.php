<?php

declare(strict_types=1);

namespace Uvret\Design;

use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** A JSON Schema file, and what is wrong with a document in words. */
final class Schema
{
    private ?Validator $validator = null;
    private ?object $schema = null;

    /** @var array<string, object> by file */
    private array $files = [];

    public function __construct(private readonly string $file)
    {
    }

    /**
     * Completes a document with the defaults of fields that it lacks, on every level, and checks it.
     *
     * @param mixed $document decoded JSON, objects as stdClass
     *
     * @throws DesignException with the path to the field that is wrong
     */
    public function validate(mixed $document): void
    {
        $schema = $this->schema ??= self::read($this->file);
        $this->complete($document, $schema, $this->file);
        $error = $this->validator()->validate($document, $schema)->error();
        if (null !== $error) {
            throw self::explain(self::innermost($error));
        }
    }

    /**
     * The same for a part of a document, by the name of its definition.
     *
     * @throws DesignException with the path to the field that is wrong
     */
    public function validatePart(object $part, string $definition): void
    {
        $whole = (object) ['$ref' => 'https://uvret.invalid/design.schema.json#/$defs/'.$definition];
        $this->complete($part, (object) ['$ref' => \basename($this->file).'#/$defs/'.$definition], $this->file);
        $error = $this->validator()->validate($part, $whole)->error();
        if (null !== $error) {
            throw self::explain(self::innermost($error));
        }
    }

    /** Fills in defaults from the outside in, so that those of an object that is itself a default come too. */
    private function complete(mixed $value, object $schema, string $file): void
    {
        [$schema, $file] = $this->resolved($schema, $file);
        $fields = \get_object_vars($schema);
        if (\is_object($value) && \is_object($fields['properties'] ?? null)) {
            foreach (\get_object_vars($fields['properties']) as $name => $field) {
                \assert(\is_object($field));
                if (!isset($value->$name) && \property_exists($field, 'default')) {
                    $value->$name = \is_object($field->default) ? clone $field->default : $field->default;
                }
                if (isset($value->$name)) {
                    $this->complete($value->$name, $field, $file);
                }
            }
        } elseif (\is_array($value) && \is_object($fields['items'] ?? null)) {
            foreach ($value as $entry) {
                $this->complete($entry, $fields['items'], $file);
            }
        }
    }

    /** @return array{object, string} the schema that a reference leads to, and the file it is in */
    private function resolved(object $schema, string $file): array
    {
        $reference = \get_object_vars($schema)['$ref'] ?? null;
        if (!\is_string($reference)) {
            return [$schema, $file];
        }
        [$other, $name] = \explode('#/$defs/', $reference);
        $file = '' === $other ? $file : \dirname($file).'/'.$other;
        $definitions = \get_object_vars($this->files[$file] ??= self::read($file))['$defs'] ?? null;
        $definition = \is_object($definitions) ? \get_object_vars($definitions)[$name] ?? null : null;
        \assert(\is_object($definition));

        return [$definition, $file];
    }

    private function validator(): Validator
    {
        if (null === $this->validator) {
            $this->validator = new Validator(null, 1);
            // Other schemas speak of parts of a design.
            $this->validator->resolver()?->registerFile('https://uvret.invalid/design.schema.json', DesignReader::SCHEMA);
        }

        return $this->validator;
    }

    private static function read(string $file): object
    {
        $schema = \json_decode((string) \file_get_contents($file), false, 64, \JSON_THROW_ON_ERROR);
        \assert(\is_object($schema));

        return $schema;
    }

    /** The error that names the field; those around it only say that something below is wrong. */
    private static function innermost(ValidationError $error): ValidationError
    {
        $below = $error->subErrors()[0] ?? null;

        return $below instanceof ValidationError ? self::innermost($below) : $error;
    }

    private static function explain(ValidationError $error): DesignException
    {
        /** @var list<string|int> $steps */
        $steps = $error->data()->fullPath();
        $path = \implode('/', $steps);
        $below = static fn (mixed $field): string => \ltrim($path.'/'.(\is_string($field) ? $field : ''), '/');
        $of = static fn (string $name): string => \is_scalar($value = $error->args()[$name] ?? null) ? (string) $value : '';
        /** @var list<string> $fields */
        $fields = (array) ($error->args()['properties'] ?? $error->args()['missing'] ?? []);

        return match ($error->keyword()) {
            'additionalProperties' => DesignException::unknownField($below($fields[0] ?? '')),
            'required' => DesignException::missingField($below($fields[0] ?? '')),
            'type' => DesignException::at($path, 'must be '.self::typeName($error->args()['expected'] ?? '').'.'),
            'enum' => DesignException::at($path, 'is none of the values that it can have.'),
            'const' => DesignException::at($path, 'is not the version that is read here.'),
            'minimum' => DesignException::at($path, "must be at least {$of('min')}."),
            'maximum' => DesignException::at($path, "must be at most {$of('max')}."),
            'minLength' => DesignException::at($path, 'must not be empty.'),
            'maxLength' => DesignException::at($path, "must have at most {$of('max')} characters."),
            'minItems' => DesignException::at($path, "must have at least {$of('min')} entries."),
            'maxItems' => DesignException::at($path, "must have at most {$of('max')} entries."),
            'pattern' => DesignException::at($path, 'has characters that it cannot have.'),
            default => DesignException::at($path, 'is not right ('.$error->keyword().').'),
        };
    }

    private static function typeName(mixed $expected): string
    {
        return match ($expected) {
            'integer' => 'a whole number',
            'string' => 'text',
            'array' => 'a list',
            'object' => 'an object',
            default => 'of another type',
        };
    }
}
