<?php

declare(strict_types=1);

namespace Uvret\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** The core knows no framework, and its folders only what stands before them. */
final class FlowTest extends TestCase
{
    /** What each folder may use of the others, and of libraries. */
    private const MAY_USE = [
        'Geometry' => [],
        'Type' => ['Geometry'],
        'Design' => ['Geometry', 'Opis\JsonSchema'],
        'Blanks' => ['Geometry', 'Design', 'Artwork'],
        'Compose' => ['Geometry', 'Type', 'Design'],
        'Separate' => ['Geometry', 'Design', 'Compose'],
        'Cut' => ['Geometry', 'Design', 'Compose', 'Separate'],
        'Layout' => ['Geometry', 'Design', 'Cut'],
        'Snags' => ['Geometry', 'Type', 'Design', 'Compose', 'Separate', 'Cut'],
        'Roster' => ['Geometry', 'Type', 'Design', 'Compose', 'PhpOffice\PhpSpreadsheet'],
        'Plan' => ['Geometry', 'Type', 'Design', 'Compose', 'Separate', 'Cut', 'Snags', 'Roster'],
        'Artwork' => ['Geometry', 'Sabberworm\CSS'],
        'Parcel' => ['Type'],
        'Press' => ['Geometry', 'Design', 'Blanks', 'Compose', 'Separate', 'Plan', 'Proof'],
        'Proof' => ['Geometry', 'Design', 'Blanks', 'Compose', 'Separate', 'Roster', 'Plan'],
    ];

    public function testNothingReachesBack(): void
    {
        $checked = 0;
        $wrong = [];
        foreach (self::files(self::core()) as $file) {
            $own = \explode('/', \substr($file, \strlen(self::core()) + 1))[0];
            self::assertArrayHasKey($own, self::MAY_USE, "core/$own is not in the flow");
            foreach (self::namesUsed($file) as $name) {
                $folder = 1 === \preg_match('/^Uvret\\\\(\w+)/', $name, $m) ? $m[1] : \implode('\\', \array_slice(\explode('\\', $name), 0, 2));
                if ($folder !== $own && !\in_array($folder, self::MAY_USE[$own], true)) {
                    $wrong[] = "$file uses $name";
                }
            }
            ++$checked;
        }
        self::assertSame([], $wrong);
        self::assertGreaterThan(40, $checked);
    }

    public function testTheFlowTestCanFail(): void
    {
        $file = (string) \tempnam(\sys_get_temp_dir(), 'uvret');
        \file_put_contents(
            $file,
            '<?php namespace Uvret\Geometry; use Symfony\Component\Yaml\Yaml; class X { function f() { return \Uvret\Cut\CutPlan::class; } }',
        );
        self::assertSame(['Symfony\Component\Yaml\Yaml', 'Uvret\Cut\CutPlan'], self::namesUsed($file));
        \unlink($file);
    }

    /** @return list<string> the qualified names in a file, but its own namespace */
    private static function namesUsed(string $file): array
    {
        $names = [];
        $tokens = \PhpToken::tokenize((string) \file_get_contents($file));
        foreach ($tokens as $at => $token) {
            $declares = \T_NAMESPACE === ($tokens[$at - 2]->id ?? null);
            if (!$declares && \in_array($token->id, [\T_NAME_QUALIFIED, \T_NAME_FULLY_QUALIFIED], true)) {
                $name = \ltrim($token->text, '\\');
                if (\str_contains($name, '\\')) {
                    $names[] = $name;
                }
            }
        }

        // Short relative names, like Measure\Inside, stay within the folder.
        return \array_values(\array_filter(
            $names,
            static fn (string $name): bool => 1 === \preg_match('/^(Uvret|Symfony|Doctrine|Psr|Opis|Sabberworm|OpenApi|Twig)\\\\/', $name),
        ));
    }

    private static function core(): string
    {
        return \dirname(__DIR__, 2).'/core';
    }

    /** @return list<string> */
    private static function files(string $folder): array
    {
        $files = [];
        /** @var \SplFileInfo $file */
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ('php' === $file->getExtension()) {
                $files[] = $file->getPathname();
            }
        }

        return $files;
    }
}
