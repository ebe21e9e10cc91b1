<?php

declare(strict_types=1);

namespace Uvret\Design\Difference;

use Uvret\Design\Design;
use Uvret\Design\DesignReader;
use Uvret\Design\SchemaNode;

/** What became of the cards of a design: added, removed, put in another order, and what was changed of each. */
final readonly class CardDifferences
{
    public function __construct(
        private Design $was,
        private Design $is,
    ) {
    }

    /**
     * @param string    $list   lines, forms or motifs
     * @param \stdClass $before a complete document
     * @param \stdClass $after  a complete document
     *
     * @return list<string>
     */
    public function in(string $list, \stdClass $before, \stdClass $after): array
    {
        $said = [];
        [$known, $left] = [self::byId($before->{$list}), self::byId($after->{$list})];
        $fields = SchemaNode::in(DesignReader::SCHEMA)->properties()[$list]->items()->properties();
        $phrases = new Phrases($this->is);
        foreach ($left as $id => $card) {
            if (!isset($known[$id])) {
                $said[] = self::call($this->is, $id).' was added.';
                continue;
            }
            foreach ($phrases->between($fields, $known[$id], $card) as $phrase) {
                $said[] = self::call($this->was, $id).": $phrase.";
            }
        }
        foreach (\array_diff_key($known, $left) as $id => $card) {
            $said[] = self::call($this->was, (string) $id).' was removed.';
        }
        if (\array_keys(\array_intersect_key($known, $left)) !== \array_keys(\array_intersect_key($left, $known))) {
            $said[] = "The $list are in another order.";
        }

        return $said;
    }

    /** @return array<string, \stdClass> */
    private static function byId(mixed $cards): array
    {
        $byId = [];
        foreach (\is_array($cards) ? $cards : [] as $card) {
            if ($card instanceof \stdClass && \is_string($card->id)) {
                $byId[$card->id] = $card;
            }
        }

        return $byId;
    }

    /** A card at the beginning of a sentence. */
    private static function call(Design $design, string $id): string
    {
        $name = $design->cardName($id);

        return '“”' === $name ? 'A line without words' : \ucfirst($name);
    }
}
