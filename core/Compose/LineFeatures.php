<?php

declare(strict_types=1);

namespace Uvret\Compose;

use Uvret\Design\Lettering;
use Uvret\Type\Layout\Feature;

/** Font features of a line: its own, those of its letters, initial and final forms. */
final class LineFeatures
{
    /** @return list<Feature> */
    public static function of(Lettering $lettering): array
    {
        $features = \array_map(Feature::parse(...), $lettering->features);
        if ($lettering->wordForms) {
            \array_push($features, ...self::wordForms($lettering->words));
        }
        foreach ($lettering->letters as $letter) {
            foreach ($letter->features as $text) {
                $feature = Feature::parse($text);
                $features[] = null === $feature ? null : new Feature($feature->tag, $feature->value, $letter->at, $letter->at + 1);
            }
        }

        return \array_values(\array_filter($features));
    }

    /** @return list<Feature> */
    private static function wordForms(string $words): array
    {
        $features = [];
        $at = 0;
        foreach (\preg_split('/(\s+)/u', $words, -1, \PREG_SPLIT_DELIM_CAPTURE) ?: [] as $number => $part) {
            $length = \mb_strlen($part);
            if (0 === $number % 2 && $length > 0) {
                $features[] = 1 === $length ? new Feature('isol', 1, $at, $at + 1) : new Feature('init', 1, $at, $at + 1);
                if ($length > 1) {
                    $features[] = new Feature('fina', 1, $at + $length - 1, $at + $length);
                }
                if ($length > 2) {
                    $features[] = new Feature('medi', 1, $at + 1, $at + $length - 1);
                }
            }
            $at += $length;
        }

        return $features;
    }
}
