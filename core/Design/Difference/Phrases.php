<?php

declare(strict_types=1);

namespace Uvret\Design\Difference;

use Uvret\Design\Design;
use Uvret\Design\Json;
use Uvret\Design\SchemaNode;

/**
 * The changes of fields in a few words each. The table of them is the schema: the title of a field, or for a whole group its changed
 * and its ended, in which {path} stands for what the field at that path is now.
 */
final readonly class Phrases
{
    /** What says of a group, by its first field, that there is none of it. */
    private const NONE = ['', 'none', 0, []];

    public function __construct(private Design $design)
    {
    }

    /**
     * @param array<string, SchemaNode> $fields the schema's
     *
     * @return list<string>
     */
    public function between(array $fields, \stdClass $before, \stdClass $after): array
    {
        $phrases = [];
        foreach ($fields as $name => $field) {
            [$was, $is] = [$before->{$name} ?? null, $after->{$name} ?? null];
            $unless = $field->word('unless');
            if (Json::same($was, $is) || ('' !== $unless && !Json::same($before->{$unless} ?? null, $after->{$unless} ?? null))) {
                continue;
            }
            \array_push(
                $phrases,
                ...('' === $field->word('title') && $was instanceof \stdClass && $is instanceof \stdClass
                    ? $this->ofGroup($field, $was, $is)
                    : [$this->ofField($field, $is)]),
            );
        }

        return $phrases;
    }

    /** @return list<string> */
    private function ofGroup(SchemaNode $group, \stdClass $was, \stdClass $is): array
    {
        $fields = $group->properties();
        if ('' === $group->word('changed')) {
            return $this->between($fields, $was, $is);
        }
        $apart = \array_filter($fields, static fn (SchemaNode $field): bool => true === ($field->says['apart'] ?? false));
        $phrases = $this->between($apart, $was, $is);
        foreach (\array_diff_key($fields, $apart) as $name => $field) {
            if (!Json::same($was->{$name}, $is->{$name})) {
                return [$this->changed($group, $is), ...$phrases];
            }
        }

        return $phrases;
    }

    private function changed(SchemaNode $group, \stdClass $is): string
    {
        if ('' !== $group->word('ended') && \in_array($is->{(string) \array_key_first($group->properties())} ?? null, self::NONE, true)) {
            return $group->word('ended');
        }

        return (string) \preg_replace_callback('/\{([\w.]+)\}/', function (array $m) use ($group, $is): string {
            $value = $is;
            foreach (\explode('.', $m[1]) as $step) {
                $group = $group->properties()[$step];
                $value = $value instanceof \stdClass ? $value->{$step} : null;
            }

            return $this->value($group, $value);
        }, $group->word('changed'));
    }

    private function ofField(SchemaNode $field, mixed $is): string
    {
        $title = $field->word('title');

        return match (true) {
            '' !== $field->word('changed') => $field->word('changed'),
            [] === $is && '' !== $field->word('ended') => $field->word('ended'),
            \is_bool($is) => ($is ? 'now ' : 'no longer ').$title,
            '' === $is => "$title cleared",
            \is_scalar($is) => "$title changed to ".$this->value($field, $is),
            default => "$title changed",
        };
    }

    /** A value as it is read, with its unit. */
    private function value(SchemaNode $field, mixed $value): string
    {
        $unit = $field->word('unit');

        return match (true) {
            \is_string($value) && 'film' === $field->word('names') => $this->design->film($value)->name,
            \is_string($value) && 'card' === $field->word('names') => $this->design->cardName($value),
            \is_string($value) => isset($field->says['enum']) ? $value : "“{$value}”",
            \is_int($value) && 'mm' === $unit => $this->design->measure($value),
            \is_int($value), \is_float($value) => \trim("$value $unit"),
            default => '',
        };
    }
}
