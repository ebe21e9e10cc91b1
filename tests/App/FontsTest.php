<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use Uvret\Tests\Support\ApiCase;
use Uvret\Tests\Support\Json;
use Uvret\Tests\Support\Letters;

final class FontsTest extends ApiCase
{
    public function testAFontIsUsableAsSoonAsItIsThere(): void
    {
        $file = (string) \file_get_contents(\dirname(__DIR__, 2).'/node_modules/source-sans/WOFF/OTF/SourceSans3-Black.otf.woff');
        $added = $this->send('POST', '/api/fonts', $file);
        self::assertSame(['Source Sans 3 Black', true, false], [$added->string('font.name'), $added->get('font.own'), $added->get('known')]);
        self::assertStringContainsString('Open Font License', $added->string('font.licence'));
        $id = $added->string('font.id');

        $opened = $this->get('/api/designs/kit-bag-ottilie');
        $saved = $this->put($opened->with('document.lines.0.lettering.font', $id));
        self::assertNotSame('', $saved->string('sheet.parts.0.path'));
        self::assertSame([], $saved->get('sheet.snags'));

        $again = $this->send('POST', '/api/fonts', $file);
        self::assertTrue($again->get('known'));
        self::assertSame($id, $again->string('font.id'));
        $variable = $this->send(
            'POST',
            '/api/fonts',
            (string) \file_get_contents(\dirname(__DIR__, 2).'/node_modules/source-sans/VF/SourceSans3VF-Upright.ttf'),
        );
        self::assertStringContainsString('default instance', $variable->string('note'));
    }

    public function testBadFontsAreRefusedWithTheReason(): void
    {
        $count = \count($this->get('/api/fonts')->data());
        foreach ([
            '%PDF-1.7' => 'not a TrueType font',
            'wOF2'.\str_repeat('x', 60) => 'WOFF2',
            "\x00\x01\x00\x00\x00\x01".\str_repeat('x', 60) => 'ends too early',
        ] as $bytes => $reason) {
            self::assertStringContainsString($reason, $this->send('POST', '/api/fonts', $bytes, 422)->string('detail'));
        }
        self::assertCount($count, $this->get('/api/fonts')->data());
    }

    public function testFactsOfTheShippedFonts(): void
    {
        $fonts = \array_column($this->get('/api/fonts')->data(), null, 'id');
        self::assertSame(
            ['lobster', 'yellowtail', 'satisfy', 'sacramento', 'great-vibes', 'playball', 'meow-script'],
            \array_keys(\array_filter($fonts, static fn (mixed $font): bool => \is_array($font) && true === $font['joins'])),
        );
        // Thinnest and usual strokes as they were measured by others, in percent of the H's height.
        foreach ([
            'anton' => [15.5, 19.6],
            'bungee' => [24.6, 31.2],
            'graduate' => [10.4, 11.2],
            'sacramento' => [4.3, 4.6],
            'zilla-slab' => [14.6, 18.8],
        ] as $id => [$thin, $stem]) {
            $font = new Json((array) $fonts[$id]);
            self::assertEqualsWithDelta($thin, 100 * (float) (string) \json_encode($font->get('thin')), 2.5, $id);
            self::assertEqualsWithDelta($stem, 100 * (float) (string) \json_encode($font->get('stem')), 4, $id);
        }
    }

    public function testEveryGlyphCanBeReached(): void
    {
        $font = Letters::font('great-vibes');
        $drawn = \array_filter(\range(1, $font->glyphCount - 1), static fn (int $glyph): bool => !$font->outline($glyph)->isEmpty());
        $reached = [];
        for ($after = 0; [] !== $page = $this->get("/api/fonts/great-vibes/glyphs?search=&after=$after")->data(); $after += 120) {
            \array_push($reached, ...\array_column($page, 'glyph'));
        }
        self::assertEqualsCanonicalizing(\array_values($drawn), $reached);
        self::assertContains('A.ss01', \array_column($this->get('/api/fonts/meow-script/glyphs?search=A.ss01&after=0')->data(), 'name'));
    }

    public function testJoinsAreMendedOnTheServer(): void
    {
        $opened = $this->get('/api/designs/kit-bag-ottilie')->with('document.lines.0.lettering.font', 'meow-script')->with('document.lines.0.lettering.words', 'Tern Point');
        $before = $this->put($opened);
        self::assertNotSame([], $before->get('sheet.snags'));
        $mended = $this->send('POST', '/api/mended-joins', ['document' => $opened->get('document'), 'line' => $opened->string('document.lines.0.id')]);
        self::assertStringContainsString('closer together', $mended->string('said.0'));
        $after = $this->put($opened->with('version', $before->int('version'))->with('document.lines.0.lettering.letters', $mended->get('letters')));
        self::assertSame([], $after->get('sheet.snags'));
        $forms = $this->send(
            'POST',
            '/api/letter-forms',
            ['document' => $opened->get('document'), 'line' => $opened->string('document.lines.0.id'), 'at' => 0],
        );
        self::assertGreaterThan(1, \count($forms->data()));
        $this->send('POST', '/api/letter-forms', ['document' => $opened->get('document'), 'line' => $opened->string('document.lines.0.id'), 'at' => 99], 422);
    }

    public function testALineIsTriedOutInOtherFonts(): void
    {
        $opened = $this->get('/api/designs/kit-bag-ottilie');
        $line = $opened->with('document.lines.0.place.turn', 30)->with('document.lines.0.lettering.heft', 200);
        $tries = $this->send(
            'POST',
            '/api/try-outs',
            ['document' => $line->get('document'), 'line' => $opened->string('document.lines.0.id'), 'fonts' => ['anton', 'satisfy']],
        );
        foreach (['anton', 'satisfy'] as $number => $font) {
            self::assertSame($font, $tries->string("$number.font"));
            self::assertEqualsWithDelta($tries->int('0.frame.width'), $tries->int("$number.frame.width"), 3, 'upright and equally wide');
            self::assertLessThan($tries->int("$number.frame.width") / 2, $tries->int("$number.frame.height"));
        }
        self::assertNotSame($tries->string('0.path'), $tries->string('1.path'));
        self::assertSame(
            'line',
            $this->send('POST', '/api/try-outs', ['document' => $line->get('document'), 'line' => 'gone', 'fonts' => []], 422)->string('path'),
        );
    }
}
