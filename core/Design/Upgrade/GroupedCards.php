<?php

declare(strict_types=1);

namespace Uvret\Design\Upgrade;

/** Version 1 to 2: the settings of cards, which stood side by side, are put into groups. */
final readonly class GroupedCards implements Step
{
    private const GROUPS = [
        'lines' => [
            'lettering' => ['words', 'font', 'spacing', 'language', 'features', 'wordForms', 'joins', 'letters'],
            'size' => ['stretch'],
            'place' => ['align', 'turn'],
            'stacking' => ['gap', 'tight', 'shift', 'alignTo'],
        ],
        'forms' => [
            'shape' => ['kind', 'corner', 'band', 'count', 'depth'],
            'size' => ['width', 'height', 'proportional'],
            'place' => ['across', 'down', 'turn'],
        ],
        'motifs' => [
            'size' => ['width', 'height', 'proportional'],
            'place' => ['across', 'down', 'turn'],
        ],
    ];

    public function apply(\stdClass $document): void
    {
        foreach (self::GROUPS as $list => $groups) {
            foreach (\is_array($cards = $document->{$list} ?? null) ? $cards : [] as $card) {
                if ($card instanceof \stdClass) {
                    self::group($card, $groups);
                }
            }
        }
    }

    /** @param array<string, list<string>> $groups */
    private static function group(\stdClass $card, array $groups): void
    {
        foreach ($groups as $group => $fields) {
            $into = $card->{$group} ?? new \stdClass();
            foreach ($fields as $field) {
                if ($into instanceof \stdClass && \property_exists($card, $field)) {
                    $into->{$field} = $card->{$field};
                    unset($card->{$field});
                }
            }
            $card->{$group} = $into;
        }
    }
}
