<?php

declare(strict_types=1);

namespace Uvret\Geometry;

/** A length in whole micrometres, read and printed the way people write lengths. */
final readonly class Length
{
    /** An inch in µm, its smallest fraction, and the tolerance for showing a fraction, in µm. */
    private const INCH = 25_400;
    private const PARTS = 64;
    private const NEAR = 10;

    /** Maximum length: 100 m. */
    public const LIMIT = 100_000_000;

    private const FACTORS = [
        'mm' => 1000.0,
        'cm' => 10000.0,
        'm' => 1_000_000.0,
        'in' => 25400.0,
        'inch' => 25400.0,
        'inches' => 25400.0,
        '"' => 25400.0,
        '″' => 25400.0,
        '”' => 25400.0,
    ];

    private const PATTERN = '~^(?<sign>[-−+])?\s?
        (?:(?<whole>\d{1,9}(?:[.,]\d{1,6})?|[.,]\d{1,6})(?:\s(?<top>\d{1,3})/(?<bottom>\d{1,3}))?|(?<onlyTop>\d{1,3})/(?<onlyBottom>\d{1,3}))
        \s?(?<unit>mm|cm|m|inches|inch|in|"|″|”)?$~ux';

    private const VULGAR = ['¼' => '1/4', '½' => '1/2', '¾' => '3/4', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8'];

    private function __construct(public int $micrometres)
    {
    }

    public static function ofMicrometres(int $micrometres): self
    {
        return new self($micrometres);
    }

    /**
     * Reads `90`, `90mm`, `9 cm`, `3.5in`, `3 1/2"`, `3½ in`, `3,5`; a bare number is in the preferred unit.
     *
     * @throws LengthException when it is not a length, with what is accepted
     */
    public static function parse(string $text, Unit $preferred = Unit::Millimetre): self
    {
        $plain = \mb_strtolower(\trim($text));
        foreach (self::VULGAR as $sign => $fraction) {
            $plain = \str_replace($sign, ' '.$fraction, $plain);
        }
        $plain = \trim(\preg_replace('/\s+/u', ' ', $plain) ?? $plain);
        if (1 !== \preg_match(self::PATTERN, $plain, $m, \PREG_UNMATCHED_AS_NULL)) {
            throw LengthException::notALength($text, $preferred);
        }
        $whole = (float) \str_replace(',', '.', $m['whole'] ?? '0');
        $top = (int) ($m['top'] ?? $m['onlyTop'] ?? 0);
        $bottom = (int) ($m['bottom'] ?? $m['onlyBottom'] ?? 1);
        if (0 === $bottom || ($top > 0 && \floor($whole) !== $whole)) {
            throw LengthException::notALength($text, $preferred);
        }
        $value = ($whole + $top / $bottom) * self::FACTORS[$m['unit'] ?? $preferred->symbol()] * ('+' === ($m['sign'] ?? '+') ? 1 : -1);
        if (\abs($value) > self::LIMIT) {
            throw LengthException::tooLong($text);
        }

        return new self((int) \round($value));
    }

    /** Without the unit's name: to a tenth of a millimetre, or in inches as a fraction to 1/64 if exact, else in decimals; 0 only if it is. */
    public function format(Unit $unit): string
    {
        return Unit::Millimetre === $unit ? $this->millimetres() : $this->inches();
    }

    private function millimetres(): string
    {
        if (0 === $this->micrometres || \abs($this->micrometres) >= 50) {
            return \number_format($this->micrometres / 1000, 1, '.', '');
        }

        return ($this->micrometres < 0 ? '-' : '').\number_format(\max(\abs($this->micrometres), 10) / 1000, 2, '.', '');
    }

    private function inches(): string
    {
        $inches = \abs($this->micrometres) / self::INCH;
        $parts = (int) \round($inches * self::PARTS);
        $sign = $this->micrometres < 0 ? '-' : '';
        if ((0 === $parts) === (0 === $this->micrometres) && \abs($parts * self::INCH / self::PARTS - \abs($this->micrometres)) <= self::NEAR) {
            return $sign.self::fraction($parts);
        }
        $digits = $inches < 1 ? 3 : 2;
        $shown = \number_format(\max($inches, 0.001), $digits, '.', '');

        return $sign.\rtrim(\rtrim($shown, '0'), '.');
    }

    /** A number of 64ths of an inch, written as short as can be. */
    private static function fraction(int $parts): string
    {
        $whole = \intdiv($parts, self::PARTS);
        $top = $parts % self::PARTS;
        $bottom = self::PARTS;
        while ($top > 0 && 0 === $top % 2) {
            $top = \intdiv($top, 2);
            $bottom = \intdiv($bottom, 2);
        }
        $fraction = $top > 0 ? "$top/$bottom" : '';

        return \trim(($whole > 0 || '' === $fraction ? (string) $whole : '').' '.$fraction);
    }
}
