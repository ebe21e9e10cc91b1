<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use Uvret\Parcel\DesignFile;
use Uvret\Parcel\PackedFont;
use Uvret\Tests\Support\ApiCase;
use Uvret\Tests\Support\Json;
use Uvret\Type\FontEntry;

final class DesignFileTest extends ApiCase
{
    public function testADesignFileGivesTheSameLayersByteForByte(): void
    {
        $file = $this->download('/api/designs/crew-shirt-back/design-file');
        $design = $this->open($file);
        foreach (['buoy', 'chalk'] as $film) {
            self::assertSame(
                $this->download("/api/designs/crew-shirt-back/blade-side/$film.svg"),
                $this->download("/api/designs/$design/blade-side/$film.svg"),
            );
        }

        // The layout is the one that is written down, whatever reads it.
        $zip = new \ZipArchive();
        $path = (string) \tempnam(\sys_get_temp_dir(), 'uvret');
        \file_put_contents($path, $file);
        self::assertTrue($zip->open($path));
        self::assertStringEqualsFile(\dirname(__DIR__, 2).'/fonts/lobster.ttf', (string) $zip->getFromName('fonts/lobster.ttf'));
        self::assertSame('TERN POINT', Json::of((string) $zip->getFromName('design.json'))->string('lines.0.lettering.words'));
    }

    public function testAFontThatIsNotHereComesWithTheDesign(): void
    {
        // On the other machine Anton is called lobster, and a font that is not here at all is used as well.
        $fonts = \dirname(__DIR__, 2).'/fonts';
        $document = $this->get('/api/designs/crew-shirt-back')->with('document.lines.0.lettering.font', 'from-afar');
        $bytes = (string) \file_get_contents("$fonts/anton.ttf");
        $design = $this->open((new DesignFile((string) new Json((array) $document->get('document')), [
            new PackedFont(new FontEntry('lobster', 'Lobster of theirs', 'block', 'OFL'), $bytes),
            new PackedFont(new FontEntry('from-afar', 'From afar', 'block', 'OFL'), (string) \file_get_contents("$fonts/rye.ttf")),
        ]))->bytes());
        $opened = $this->get("/api/designs/$design");
        self::assertSame(['from-afar', 'lobster-2'], [$opened->string('document.lines.0.lettering.font'), $opened->string('document.lines.1.lettering.font')]);
        $anton = $this->put($opened->with('document.lines.1.lettering.font', 'anton'));
        self::assertSame($opened->string('sheet.parts.1.path'), $anton->string('sheet.parts.1.path'));
        self::assertContains('From afar', \array_column($this->get('/api/fonts')->data(), 'name'));
    }

    public function testWhatIsNoDesignFileIsRefused(): void
    {
        $document = (string) new Json((array) $this->get('/api/designs/crew-shirt-back')->get('document'));
        $font = static fn (string $id): string => (string) \json_encode([['id' => $id, 'name' => 'X', 'use' => 'block', 'licence' => 'OFL']]);
        foreach ([
            'no ZIP file' => 'nonsense',
            '“design.json” is missing' => self::zip(['a.txt' => 'a']),
            '“fonts/fonts.json” is missing' => self::zip(['design.json' => $document]),
            '“fonts/fonts.json” in the file cannot be read' => self::zip(['design.json' => $document, 'fonts/fonts.json' => $font('../../evil')]),
            '“lines” is missing' => self::zip(['design.json' => '{"uvret": 1, "name": "X", "unit": "mm"}', 'fonts/fonts.json' => '[]']),
            'font' => self::zip(['design.json' => $document, 'fonts/fonts.json' => $font('broken'), 'fonts/broken.ttf' => 'not a font']),
        ] as $message => $file) {
            $this->client->request('POST', '/api/jobs/kit-bags/design-file', content: $file);
            self::assertResponseStatusCodeSame(422, $message);
            if (!\str_contains($message, 'lines')) {
                self::assertStringContainsString($message, Json::of((string) $this->client->getResponse()->getContent())->string('detail'));
            }
        }
        self::assertCount(1, (array) $this->get('/api/jobs/kit-bags')->get('designs'));
        self::assertNotContains('broken', \array_column($this->get('/api/fonts')->data(), 'id'));
    }

    public function testTheProofIsAPictureAndAPageThatOthersCanRead(): void
    {
        $png = $this->download('/api/designs/crew-shirt-back/proof.png?width=600');
        self::assertSame([600, 849], \array_slice((array) \getimagesizefromstring($png), 0, 2));
        $pdf = (string) \tempnam(\sys_get_temp_dir(), 'uvret');
        \file_put_contents($pdf, $this->download('/api/designs/crew-shirt-back/proof.pdf'));
        \exec("qpdf --check $pdf 2>&1", $said, $code);
        self::assertSame(0, $code, \implode("\n", $said));
        \exec("qpdf --qdf --object-streams=disable $pdf - | grep -aE 'MediaBox|FontName' -A0", $found);
        self::assertStringContainsString('Archivo', \implode("\n", $found), 'the text is text, in the letters that ship');
        \exec("qpdf --show-npages $pdf", $pages);
        self::assertSame(['1'], $pages);
    }

    /** @param array<string, string> $files */
    private static function zip(array $files): string
    {
        $path = (string) \tempnam(\sys_get_temp_dir(), 'uvret');
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        foreach ($files as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();

        return (string) \file_get_contents($path);
    }

    private function open(string $file): string
    {
        $this->client->request('POST', '/api/jobs/kit-bags/design-file', content: $file);
        self::assertResponseStatusCodeSame(201);

        return Json::of((string) $this->client->getResponse()->getContent())->string('id');
    }

    private function download(string $path): string
    {
        $this->client->request('GET', $path);
        self::assertResponseIsSuccessful();

        return (string) $this->client->getResponse()->getContent();
    }
}
