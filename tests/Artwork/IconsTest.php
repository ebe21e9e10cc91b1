<?php

declare(strict_types=1);

namespace Uvret\Tests\Artwork;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Artwork\SvgReader;
use Uvret\Geometry\SvgPath;
use Uvret\Tests\Support\Png;

/** Real files of open icon sets: each is read, and its picture compared with the one that librsvg draws. */
final class IconsTest extends TestCase
{
    private const CELL = 48;
    private const COLUMNS = 10;

    /** From icon to icon: some draw beyond their box. */
    private const PITCH = 64;

    /** @return iterable<string, array{list<string>}> */
    public static function sheets(): iterable
    {
        $modules = \dirname(__DIR__, 2).'/node_modules';
        foreach (['bootstrap-icons/icons' => 2, 'lucide-static/icons' => 16] as $folder => $step) {
            $files = \glob("$modules/$folder/*.svg") ?: [];
            $files = \array_values(\array_filter($files, static fn (int $number): bool => 0 === $number % $step, \ARRAY_FILTER_USE_KEY));
            foreach (\array_chunk($files, 100) as $number => $sheet) {
                yield "$folder $number" => [\array_map(static fn (string $file): string => "$folder/".\basename($file), $sheet)];
            }
        }
    }

    /** @param list<string> $files */
    #[DataProvider('sheets')]
    public function testIconsLookAsLibrsvgDrawsThem(array $files): void
    {
        $reader = new SvgReader();
        $theirs = $ours = '';
        foreach ($files as $number => $file) {
            $svg = (string) \preg_replace('/<\?xml.*?\?>|<!--.*?-->/s', '', (string) \file_get_contents(\dirname(__DIR__, 2)."/node_modules/$file"));
            [$x, $y] = [$number % self::COLUMNS * self::PITCH, \intdiv($number, self::COLUMNS) * self::PITCH];
            $theirs .= \preg_replace(
                '/<svg/',
                "<svg x=\"$x\" y=\"$y\"",
                (string) \preg_replace('/(<svg[^>]*?)\swidth="[^"]*"([^>]*?)\sheight="[^"]*"/s', '$1$2 width="48" height="48"', $svg, 1),
                1,
            );
            $artwork = $reader->read($svg);
            // Film is solid: what is half transparent is said, and cannot look the same.
            self::assertSame(\str_contains($svg, 'opacity=".') || \str_contains($svg, 'opacity="0.') ? 1 : 0, \count($artwork->notes), \basename($file));
            foreach ($artwork->parts as $part) {
                $scale = self::CELL / SvgReader::SIDE;
                $ours .= "<path transform=\"translate($x $y) scale($scale)\" fill=\"$part->colour\" fill-rule=\"evenodd\" d=\"".SvgPath::inMicrometres($part->region, 0, 0).'"/>';
            }
        }
        $page = static fn (string $content): string => \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="%1$d" height="%1$d">%2$s</svg>',
            self::COLUMNS * self::PITCH,
            $content,
        );
        [$their, $our] = [Png::drawn($page($theirs)), Png::drawn($page($ours))];
        $wrong = [];
        foreach ($files as $number => $file) {
            $differ = $their->differences($our, $number % self::COLUMNS * self::PITCH, \intdiv($number, self::COLUMNS) * self::PITCH, self::CELL);
            if ($differ > 6 && !\str_contains((string) \file_get_contents(\dirname(__DIR__, 2)."/node_modules/$file"), 'opacity="')) {
                $wrong[\basename($file)] = $differ;
            }
        }
        self::assertSame([], $wrong);
    }
}
