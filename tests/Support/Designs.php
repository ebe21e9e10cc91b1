<?php

declare(strict_types=1);

namespace Uvret\Tests\Support;

use Uvret\Design\Design;
use Uvret\Design\DesignReader;
use Uvret\Plan\Plan;
use Uvret\Plan\Planner;

/** Designs for tests: one line of script on a bag, with what a test wants different. */
final class Designs
{
    public const FILM = [
        'id' => 'ink',
        'name' => 'Harbour ink',
        'colour' => '#22243A',
        'finish' => 'smooth',
        'width' => 500000,
        'thickness' => 90,
        'bladeSide' => 'mirrored',
    ];

    private const GROUPS = [
        'lines' => [
            'lettering' => ['words', 'font', 'spacing', 'heft', 'rows', 'language', 'features', 'wordForms', 'joins', 'letters'],
            'place' => ['align', 'turn'],
            'stacking' => ['gap', 'tight', 'shift', 'alignTo'],
            'size' => ['stretch'],
        ],
        'forms' => [
            'shape' => ['kind', 'corner', 'band', 'count'],
            'size' => ['width', 'height', 'proportional'],
            'place' => ['across', 'down', 'turn'],
        ],
        'motifs' => ['size' => ['width', 'height', 'proportional'], 'place' => ['across', 'down', 'turn']],
    ];
    private const DOCUMENT = [
        'uvret' => 3,
        'name' => 'Name on the bag',
        'unit' => 'mm',
        'blank' => [
            'id' => 'kit-tote', 'name' => 'Kit tote', 'drawing' => 'tote', 'size' => 'One size', 'width' => 380000,
            'fabric' => ['name' => 'Canvas', 'colour' => '#D9CDB0'],
            'placement' => [
                'id' => 'middle',
                'name' => 'Middle of the bag',
                'width' => 260000,
                'height' => 240000,
                'across' => 0,
                'down' => 90000,
                'from' => [['edge' => 'top edge', 'distance' => 90000]],
            ],
        ],
        'films' => [self::FILM],
        'stack' => 'top',
        'lines' => [
            [
                'id' => 'name',
                'words' => 'Ottilie',
                'font' => 'lobster',
                'film' => 'ink',
                'size' => ['by' => 'width', 'length' => 200000],
                'spacing' => 0,
                'align' => 'centre',
                'gap' => 0,
                'shift' => 0,
            ],
        ],
    ];

    public static function folder(): string
    {
        return \dirname(__DIR__, 2).'/demo/designs';
    }

    /**
     * The document with changes by path, like lines.0.words; null removes a field. What cards have in groups may be given without them.
     *
     * @param array<string, mixed> $changes
     */
    public static function json(array $changes = []): string
    {
        $document = new Json(self::DOCUMENT);
        foreach ($changes as $path => $value) {
            $document = $document->with($path, $value);
        }

        $data = $document->data();
        foreach (self::GROUPS as $list => $groups) {
            $cards = \is_array($data[$list] ?? null) ? $data[$list] : [];
            $data[$list] = \array_map(static fn (mixed $card): mixed => \is_array($card) ? self::grouped($card, $groups) : $card, $cards);
        }

        return (string) new Json($data);
    }

    /**
     * @param array<mixed>                $card
     * @param array<string, list<string>> $groups
     *
     * @return array<mixed>
     */
    private static function grouped(array $card, array $groups): array
    {
        foreach ($groups as $group => $fields) {
            $own = \array_intersect_key($card, \array_flip($fields));
            $card = \array_diff_key($card, $own);
            if ([] !== $own) {
                $card[$group] = $own + (\is_array($card[$group] ?? null) ? $card[$group] : []);
            }
        }

        return $card;
    }

    /** @param array<string, mixed> $changes */
    public static function read(array $changes = []): Design
    {
        return (new DesignReader())->fromJson(self::json($changes));
    }

    /**
     * The document as reading it leaves it: complete.
     *
     * @param array<string, mixed> $changes
     */
    public static function document(array $changes = []): \stdClass
    {
        return self::complete(self::json($changes));
    }

    public static function complete(string $json): \stdClass
    {
        $document = \json_decode($json);
        \assert($document instanceof \stdClass);
        (new DesignReader())->fromDocument($document);

        return $document;
    }

    /** @param array<string, mixed> $changes */
    public static function plan(array $changes = []): Plan
    {
        return (new Planner(Letters::typeCase()))->plan(self::read($changes));
    }

    /** One of the demo's designs. */
    public static function demo(string $id): Design
    {
        return (new DesignReader())->fromJson((string) \file_get_contents(self::folder()."/$id.json"));
    }

    /**
     * A second line under the first.
     *
     * @param array<string, mixed> $changes
     *
     * @return array<string, mixed>
     */
    public static function secondLine(array $changes = []): array
    {
        return ['lines.1' => \array_replace(self::DOCUMENT['lines'][0], ['id' => 'second', 'words' => 'Harbour', 'font' => 'anton'], $changes)];
    }
}
