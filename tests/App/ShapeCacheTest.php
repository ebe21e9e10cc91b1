<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;
use Uvret\App\Api\CachedMemory;
use Uvret\App\Api\ShapeCache;

final class ShapeCacheTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = \sys_get_temp_dir().'/uvret-shapes-'.\bin2hex(\random_bytes(6));
    }

    protected function tearDown(): void
    {
        (new Filesystem())->remove($this->folder);
    }

    public function testWhatWasRememberedLongestAgoGoesWhenThereIsNoRoom(): void
    {
        $cache = new ShapeCache($this->folder, 50_000);
        $memory = new CachedMemory($cache->adapter(), 'code');
        $made = 0;
        $recall = static function (int $number) use ($memory, &$made): string {
            return $memory->recall("shape $number", static function () use (&$made): string {
                ++$made;

                return \str_repeat('x', 10_000);
            });
        };
        foreach ([1, 2, 3, 4] as $number) {
            $recall($number);
        }
        $cache->trim();
        $recall(1);
        self::assertSame(4, $made, 'below its size it keeps everything');
        // Files tell by whole seconds which is older.
        foreach ((new \Symfony\Component\Finder\Finder())->files()->in($this->folder)->sortByChangedTime() as $file) {
            \touch($file->getPathname(), \time() + 1_000 + ++$made);
        }
        $made = 0;
        foreach ([5, 6] as $number) {
            $recall($number);
        }
        $cache->trim();
        $recall(5);
        $recall(6);
        self::assertSame(2, $made, 'the latest are still there');
        foreach ([1, 2, 3, 4] as $number) {
            $recall($number);
        }
        self::assertSame(6, $made, 'the older ones are not');
    }

    public function testAnotherCodeRemembersNothingOfIt(): void
    {
        $adapter = (new ShapeCache($this->folder))->adapter();
        self::assertSame('old', (new CachedMemory($adapter, 'one'))->recall('shape', static fn (): string => 'old'));
        self::assertSame('new', (new CachedMemory($adapter, 'other'))->recall('shape', static fn (): string => 'new'));
        self::assertSame('old', (new CachedMemory($adapter, 'one'))->recall('shape', static fn (): string => 'new'));
    }
}
