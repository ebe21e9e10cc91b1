<?php

declare(strict_types=1);

namespace Uvret\Tests\Snags;

use PHPUnit\Framework\TestCase;
use Uvret\Snags\FontsWith;
use Uvret\Tests\Support\Letters;

final class FontsWithTest extends TestCase
{
    public function testFontsAreNamedThatHaveAllOfTheCharacters(): void
    {
        $fonts = new FontsWith(Letters::typeCase());
        $named = \explode(', ', \str_replace(' and ', ', ', (string) \preg_replace('/ have them\.$/', '', $fonts->cure(['A', 'ß']))));
        self::assertCount(3, $named);
        $byName = \array_column(Letters::typeCase()->entries(), 'id', 'name');
        foreach ($named as $name) {
            self::assertSame([], Letters::font($byName[$name] ?? '')->missing('Aß'), $name);
        }
        self::assertStringEndsWith(' have it.', $fonts->cure(['A']));
        self::assertSame('No font of the type case has it: bring one that does, or type it differently.', $fonts->cure(['☃']));
        self::assertSame('No font of the type case has them: bring one that does, or type it differently.', $fonts->cure(['A', '☃']));
    }
}
