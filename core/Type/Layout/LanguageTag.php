<?php

declare(strict_types=1);

namespace Uvret\Type\Layout;

/** The OpenType tags of languages that are written with Latin, Cyrillic or Greek letters. */
final class LanguageTag
{
    private const TAGS = [
        'af' => 'AFK', 'az' => 'AZE', 'be' => 'BEL', 'bg' => 'BGR', 'br' => 'BRE', 'bs' => 'BOS', 'ca' => 'CAT', 'crh' => 'CRT',
        'cs' => 'CSY', 'cy' => 'WEL', 'da' => 'DAN', 'de' => 'DEU', 'el' => 'ELL', 'en' => 'ENG', 'eo' => 'NTO', 'es' => 'ESP',
        'et' => 'ETI', 'eu' => 'EUQ', 'fi' => 'FIN', 'fil' => 'PIL', 'fo' => 'FOS', 'fr' => 'FRA', 'fy' => 'FRI', 'ga' => 'IRI',
        'gd' => 'GAE', 'gl' => 'GAL', 'gn' => 'GUA', 'gsw' => 'ALS', 'ha' => 'HAU', 'haw' => 'HAW', 'hr' => 'HRV', 'hu' => 'HUN',
        'ig' => 'IBO', 'id' => 'IND', 'is' => 'ISL', 'it' => 'ITA', 'kk' => 'KAZ', 'kl' => 'GRN', 'ku' => 'KUR', 'ky' => 'KIR',
        'la' => 'LAT', 'lb' => 'LTZ', 'li' => 'LIM', 'lt' => 'LTH', 'lv' => 'LVI', 'mg' => 'MLG', 'mi' => 'MRI', 'mk' => 'MKD',
        'mn' => 'MNG', 'mo' => 'MOL', 'ms' => 'MLY', 'mt' => 'MTS', 'nb' => 'NOR', 'nl' => 'NLD', 'nn' => 'NYN', 'no' => 'NOR',
        'oc' => 'OCI', 'pl' => 'PLK', 'pt' => 'PTG', 'qu' => 'QUZ', 'rm' => 'RMS', 'ro' => 'ROM', 'ru' => 'RUS', 'rup' => 'RUP',
        'se' => 'NSM', 'sk' => 'SKY', 'sl' => 'SLV', 'sm' => 'SMO', 'sma' => 'SSM', 'smj' => 'LSM', 'sms' => 'SKS', 'so' => 'SML',
        'sq' => 'SQI', 'sr' => 'SRB', 'sv' => 'SVE', 'sw' => 'SWK', 'tg' => 'TAJ', 'tk' => 'TKM', 'tl' => 'TGL', 'to' => 'TGN',
        'tr' => 'TRK', 'tt' => 'TAT', 'uk' => 'UKR', 'uz' => 'UZB', 'vi' => 'VIT', 'wo' => 'WLF', 'xh' => 'XHS', 'yo' => 'YBA', 'zu' => 'ZUL',
    ];

    /** For a language like nl or nl-BE; empty if it has none. */
    public static function of(string $language): string
    {
        $tag = self::TAGS[\strtolower(\explode('-', \strtr($language, '_', '-'))[0])] ?? '';

        return '' === $tag ? '' : \str_pad($tag, 4);
    }
}
