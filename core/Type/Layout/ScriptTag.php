<?php

declare(strict_types=1);

namespace Uvret\Type\Layout;

/** The OpenType script of a text: that of its first letter that has one. */
final class ScriptTag
{
    /** Tags that are not just the Unicode code in lower case. */
    private const OTHERS = ['laoo' => 'lao ', 'yiii' => 'yi  ', 'nkoo' => 'nko ', 'vaii' => 'vai '];

    public static function of(string $text): string
    {
        foreach (\mb_str_split($text) as $character) {
            $script = \IntlChar::getIntPropertyValue((int) \mb_ord($character), \IntlChar::PROPERTY_SCRIPT);
            $code = \IntlChar::getPropertyValueName(\IntlChar::PROPERTY_SCRIPT, $script, \IntlChar::SHORT_PROPERTY_NAME);
            if (!\is_string($code) || \in_array($code, ['Zyyy', 'Zinh', 'Zzzz'], true)) {
                continue;
            }
            $tag = \strtolower($code);

            return self::OTHERS[$tag] ?? $tag;
        }

        return 'DFLT';
    }
}
