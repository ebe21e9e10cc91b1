<?php

declare(strict_types=1);

namespace Uvret\Tests\Architecture;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

/** What is kept in the repository, and how wide it is written. */
final class FilesTest extends TestCase
{
    private const WIDEST = 160;
    private const WRITTEN = ['bench', 'core', 'e2e', 'migrations', 'src', 'tests', 'web'];

    public function testNothingInstalledOrBuiltIsTracked(): void
    {
        $built = \preg_grep('#(^|/)(node_modules|vendor|\.cache|\.vite|test-results)/|^(var|public/app)/#', self::tracked());

        self::assertSame([], \array_values($built ?: []), 'Installed or built: git rm --cached, and into .gitignore.');
    }

    /** Words and artwork in quotation marks, and the documentation of types, may be wider. */
    public function testLinesAreNotWide(): void
    {
        $wide = [];
        $generated = ['web/src/api/defaults.ts', 'web/src/api/schema.ts'];
        foreach (\array_diff(self::tracked(), $generated) as $file) {
            if (1 !== \preg_match('/\.(php|mjs|tsx?)$/', $file)) {
                continue;
            }
            foreach (\explode("\n", (string) \file_get_contents(self::root().'/'.$file)) as $number => $line) {
                $code = (string) \preg_replace(['/\'(?:[^\'\\\\]|\\\\.)*\'|"(?:[^"\\\\]|\\\\.)*"|`[^`]*`/u', '~^\s*/?\*.*$~', '/^\s*<\w.*$/'], '', $line);
                if (\mb_strlen($line) > self::WIDEST && \mb_strlen($code) > 100) {
                    $wide[] = "$file:".($number + 1);
                }
            }
        }

        self::assertSame([], $wide, 'Wider than '.self::WIDEST.' characters.');
    }

    /** @return list<string> the files that git has, from the root */
    private static function tracked(): array
    {
        $said = \shell_exec('git -c safe.directory="*" -C '.\escapeshellarg(self::root()).' ls-files 2>/dev/null');
        $files = \array_values(\array_filter(\explode("\n", \is_string($said) ? $said : '')));
        if ([] === $files) {
            // Without git, what is written by hand.
            $written = Finder::create()->files()->in(\array_map(self::in(...), self::WRITTEN))->exclude(['node_modules', '.cache']);
            foreach ($written as $file) {
                $files[] = \substr($file->getPathname(), \strlen(self::root()) + 1);
            }
        }
        self::assertGreaterThan(500, \count($files));

        return $files;
    }

    private static function in(string $folder): string
    {
        return self::root().'/'.$folder;
    }

    private static function root(): string
    {
        return \dirname(__DIR__, 2);
    }
}
