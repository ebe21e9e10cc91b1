<?php

declare(strict_types=1);

namespace Uvret\Design;

use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** A JSON Schema file, and what is wrong with a document in words. */
final class Schema
{
    private ?Validator $validator = null;
    private ?SchemaNode $whole = null;

    public function __construct(private readonly string $file)
    {
    }

    public function whole(): SchemaNode
    {
        return $this->whole ??= SchemaNode::in($this->file);
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
        $whole = $this->whole();
        $whole->complete($document);
        if (!Conforms::surely($document, $whole)) {
            $this->check($document, (object) $whole->says);
        }
    }

    /**
     * The same for a part of a document, by the name of its definition.
     *
     * @throws DesignException with the path to the field that is wrong
     */
    public function validatePart(object $part, string $definition): void
    {
        $node = SchemaNode::in($this->file, $definition);
        $node->complete($part);
        if (!Conforms::surely($part, $node)) {
            $this->check($part, (object) ['$ref' => 'https://uvret.invalid/design.schema.json#/$defs/'.$definition]);
        }
    }

    /** @throws DesignException with the path to the field that is wrong */
    private function check(mixed $value, object $schema): void
    {
        $error = $this->validator()->validate($value, $schema)->error();
        if (null !== $error) {
            throw self::explain(self::innermost($error));
        }
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
            'enum' => DesignException::at($path, 'must be one of '.self::choices($error).'.'),
            'const' => DesignException::at($path, 'must be '.self::choices($error).'.'),
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

    /** The values that a field can have, in words. */
    private static function choices(ValidationError $error): string
    {
        $schema = $error->schema()->info()->data();
        $says = \is_object($schema) ? \get_object_vars($schema) : [];

        return \implode(
            ', ',
            \array_map(static fn (mixed $choice): string => \is_scalar($choice) ? (string) $choice : '', (array) ($says['enum'] ?? $says['const'] ?? [])),
        );
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
