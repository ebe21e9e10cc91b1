<?php

declare(strict_types=1);

namespace Uvret\Tests\Support\Fuzz;

use Uvret\Type\Font;
use Uvret\Type\FontException;
use Uvret\Type\Layout\Feature;

/**
 * Shipped fonts with bytes changed: each is read, shapes a text and draws its glyphs, or is refused; without a
 * warning, within 2 s and 128 MB.
 */
final class FontFuzz
{
    private const SECONDS = 2.0;
    private const BYTES = 128 << 20;
    private const TEXT = 'Tern Point office fi ÁÄé q̃ Quill 1⁄2 ffl AVATAR';

    /** Of a case: what was wrong with it, or null. */
    public static function check(int $seed, int $case): ?string
    {
        \mt_srand($seed * 1000003 + $case);
        $files = \glob(\dirname(__DIR__, 3).'/fonts/*.ttf') ?: [];
        $file = $files[\mt_rand(0, \count($files) - 1)];
        $bytes = self::mutated((string) \file_get_contents($file));
        $start = \hrtime(true);
        \memory_reset_peak_usage();
        $before = \memory_get_usage();
        \set_error_handler(static fn (int $level, string $message): never => throw new \ErrorException($message));
        try {
            $font = Font::fromBytes($bytes);
            foreach ([[], ['aalt', 'salt', 'ss01', 'dlig', 'swsh'], ['-kern', '-liga', 'aalt=3']] as $features) {
                foreach ($font->shape(self::TEXT, \array_values(\array_filter(\array_map(Feature::parse(...), $features))))->glyphs as $glyph) {
                    $font->outline($glyph->glyph)->bounds();
                }
            }
            $font->letterHeight();
        } catch (FontException) {
            // It says what is wrong with it.
        } catch (\Throwable $e) {
            return \basename($file).': '.$e::class.' '.$e->getMessage().' at '.\basename($e->getFile()).':'.$e->getLine();
        } finally {
            \restore_error_handler();
        }
        $seconds = (\hrtime(true) - $start) / 1e9;
        $memory = \memory_get_peak_usage() - $before;

        return match (true) {
            $seconds > self::SECONDS => \sprintf('%s took %.1f s', \basename($file), $seconds),
            $memory > self::BYTES => \sprintf('%s took %d MB', \basename($file), $memory >> 20),
            default => null,
        };
    }

    private static function mutated(string $font): string
    {
        // The tables that say most are hit most.
        $tables = [];
        $count = \ord($font[4]) << 8 | \ord($font[5]);
        for ($i = 0; $i < $count; ++$i) {
            $tag = \substr($font, 12 + 16 * $i, 4);
            /** @var array{1: int, 2: int} $place */
            $place = \unpack('N2', \substr($font, 20 + 16 * $i, 8));
            if (!\in_array($tag, ['DSIG', 'gasp', 'fpgm', 'prep', 'cvt ', 'STAT'], true)) {
                $tables[] = $place;
            }
        }
        if (0 === \mt_rand(0, 19)) {
            return \substr($font, 0, \mt_rand(0, \strlen($font)));
        }
        for ($hits = \mt_rand(1, 12); $hits > 0; --$hits) {
            [1 => $at, 2 => $length] = 0 === \mt_rand(0, 9) ? [1 => 0, 2 => 12 + 16 * $count] : $tables[\mt_rand(0, \count($tables) - 1)];
            // The beginnings of tables hold their counts and offsets.
            $within = \mt_rand(0, 1) ? \mt_rand(0, \min(200, \max(0, $length - 2))) : \mt_rand(0, \max(0, $length - 2));
            $value = [\mt_rand(0, 0xFFFF), 0xFFFF, 0, 0x7FFF, 1, \mt_rand(0, 64)][\mt_rand(0, 5)];
            $font = \substr_replace($font, \pack('n', $value), $at + $within, 2);
        }

        return $font;
    }
}
