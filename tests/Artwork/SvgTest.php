<?php

declare(strict_types=1);

namespace Uvret\Tests\Artwork;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Artwork\Artwork;
use Uvret\Artwork\ArtworkException;
use Uvret\Artwork\OutlinedText;
use Uvret\Artwork\SvgReader;
use Uvret\Artwork\TextOutlines;
use Uvret\Geometry\Curve\PathBuilder;
use Uvret\Geometry\SvgPath;
use Uvret\Tests\Support\Png;

/** What an SVG file may hold, a feature a case: each picture is read, and compared with the one that librsvg draws of the file. */
final class SvgTest extends TestCase
{
    /** The pictures are so many points wide and high. */
    private const SIDE = 160;

    /** @return iterable<string, array{string, 1?: string}> what stands in the picture, and the attributes of its root where they matter */
    public static function pictures(): iterable
    {
        yield 'absolute and relative lines' => ['<path d="M10 10L90 10 90 40H60V90h-20v-30l-30 -5z"/>'];
        yield 'moves that draw on' => ['<path d="m10 10 60 5 10 60 m-50 -40 20 0 0 20z M80 80 l15 0 0 15"/>'];
        yield 'cubics, smooth ones, and one without a curve before it' => ['<path d="M10 50C10 10 50 10 50 50S90 90 90 50L90 95S60 70 10 95z"/>'];
        yield 'quadratics and smooth ones' => ['<path d="M10 50Q30 0 50 50T90 50l0 40q-20 -30 -40 0t-40 0z"/>'];
        yield 'arcs with flags that run together' => [
            '<path d="M20 50a30 20 30 1140 10 30 20 0 01-20 20z"/><path fill="#a33" d="M60 20A20 20 0 0 0 95 20 5 5 0 10 60 20"/>',
        ];
        yield 'an arc that is too small grows, and one without a radius is a line' => ['<path d="M10 50A5 5 0 0 1 90 50L90 60A0 10 0 0 1 10 60z"/>'];
        yield 'numbers that run together' => ['<path d="M10.5.5.5.5-9e-1 3L20-5l1e1.5.5 1E1-4 60z" transform="translate(30 20)"/>'];
        yield 'what stands before an error is drawn' => ['<path d="M10 10H90V90L40 # 50 5 5"/>'];
        yield 'winding fills both turns' => ['<path d="M10 10H90V90H10z M30 30H70V70H30z"/>'];
        yield 'winding leaves what turns back' => ['<path d="M10 10H90V90H10z M30 30V70H70V30z"/>'];
        yield 'even-odd leaves every second' => ['<path fill-rule="evenodd" d="M10 10H90V90H10z M30 30H70V70H30z"/>'];
        yield 'a star by both rules' => [
            '<g transform="scale(.5)"><path d="M50 5L80 95 5 40H95L20 95z"/><path style="fill-rule:evenodd" transform="translate(100 90)" d="M50 5L80 95 5 40H95L20 95z"/></g>',
        ];
        yield 'rectangles with and without round corners' => [
            '<rect x="5" y="5" width="40" height="30"/><rect x="55" y="5" width="40" height="30" rx="10"/><rect x="5" y="45" width="40" height="50" rx="30" ry="10"/><rect x="55" y="45" width="40" height="50" ry="60"/>',
        ];
        yield 'circles and ellipses, and none without a radius' => [
            '<circle cx="30" cy="30" r="25"/><ellipse cx="65" cy="70" rx="30" ry="12"/><circle cx="80" cy="20"/><ellipse cx="80" cy="20" rx="10" ry="0"/>',
        ];
        yield 'lines have strokes only' => ['<line x1="10" y1="10" x2="90" y2="80" stroke="black" stroke-width="8" fill="red"/>'];
        yield 'polygons and open ones' => [
            '<polygon points="10,10 50,10,30 40"/><polyline points="60 10 90 10 90 60 70 30" fill="none" stroke="#000" stroke-width="5"/><polyline points="10 60 50 60 30 95"/>',
        ];
        yield 'percentages are of the view' => ['<rect x="10%" y="10%" width="50%" height="20%"/><circle cx="50%" cy="70%" r="20%"/>'];
        yield 'units' => [
            '<rect x="2mm" y="10pt" width="1cm" height=".25in"/><rect x="1pc" y="60px" width="2em" height="20"/>',
            'width="160" height="160" font-size="10"',
        ];
        yield 'strokes: butt, round and square ends' => [
            '<g stroke="#000" stroke-width="14"><path d="M20 20H80"/><path stroke-linecap="round" d="M20 50H80"/><path stroke-linecap="square" d="M20 80H80"/></g>',
        ];
        yield 'strokes: pointed, round and cut corners' => [
            '<g stroke="#000" stroke-width="10" fill="none"><path d="M10 40L25 10 40 40"/><path stroke-linejoin="round" d="M60 40L75 10 90 40"/><path stroke-linejoin="bevel" d="M10 90L25 60 40 90"/><path stroke-miterlimit="1.5" d="M60 90L75 60 90 90"/></g>',
        ];
        yield 'strokes: closed ones join up, points have round ends' => [
            '<g stroke="#000" stroke-width="8" fill="none"><path d="M15 15H45V45z"/><path d="M60 15H90V45L60 15"/><path stroke-linecap="round" d="M20 70h0M50 70z"/><path d="M80 70h0"/></g>',
        ];
        yield 'strokes: dashes, with an offset, over corners' => [
            '<g stroke="#000" stroke-width="6" fill="none"><path stroke-dasharray="12 6" d="M5 15H95"/><path stroke-dasharray="10" stroke-dashoffset="7" d="M5 35H95"/><path stroke-dasharray="15,4,3" stroke-linecap="round" d="M10 55H90V90H10z"/><path stroke-dasharray="none" d="M30 72H60"/></g>',
        ];
        yield 'strokes: curves, and a scale that is not the same both ways' => [
            '<path d="M5 40C5 0 45 0 45 40" transform="scale(2 .8)" stroke="#000" stroke-width="6" fill="none"/><circle cx="50" cy="70" r="14" stroke="#a33" stroke-width="6" fill="#33a" transform="skewX(-20) translate(25 0)"/>',
        ];
        yield 'strokes lie over fills' => ['<rect x="20" y="20" width="60" height="60" fill="#cc0" stroke="#060" stroke-width="12"/>'];
        yield 'transforms go from the inside out' => [
            '<g transform="translate(50,50)"><g transform="rotate(30) scale(2 1)"><rect x="-10" y="-10" width="20" height="20" transform="skewX(20) skewY(-10)"/></g></g><rect width="10" height="10" transform="rotate(45 80 80) translate(75 75)"/><rect width="10" height="10" transform="matrix(1 .5 -.5 1 20 70)"/>',
        ];
        yield 'a mirrored group' => [
            '<g transform="matrix(-1 0 0 1 100 0)"><path d="M10 10H60L10 90z" fill="#111"/><path d="M20 60h50" stroke="#a00" stroke-width="9"/></g>',
        ];
        yield 'use takes a shape up again, moved, with what it inherits' => [
            '<defs><g id="mark"><rect width="20" height="20"/><circle cx="30" cy="10" r="8" fill="#00f"/></g></defs><use href="#mark" x="5" y="5"/><use href="#mark" x="5" y="35" fill="#c00"/><use xlink:href="#mark" transform="rotate(20) translate(40 50)"/>',
        ];
        yield 'use of a symbol with a view of its own' => [
            '<symbol id="s" viewBox="0 0 10 10"><path d="M0 0H10V10z"/></symbol><use href="#s" x="5" y="5" width="40" height="40"/><use href="#s" x="55" y="5" width="40" height="20"/><use href="#s" x="5" y="55" width="90" height="40" fill="#080"/>',
        ];
        yield 'pictures within the picture' => [
            '<svg x="10" y="10" width="40" height="80" viewBox="0 0 20 20"><rect width="20" height="20"/></svg><svg x="55" y="10" width="40" height="80" viewBox="0 0 20 20" preserveAspectRatio="none"><circle cx="10" cy="10" r="10"/></svg>',
        ];
        yield 'what hangs over the edge of a picture within is not seen' => [
            '<svg x="10" y="10" width="40" height="40"><circle cx="40" cy="40" r="30"/></svg><svg x="60" y="60" width="20" height="20" overflow="visible"><circle cx="20" cy="10" r="18" fill="#a00"/></svg>',
        ];
        yield 'what hangs over the edge of the page is not seen' => ['<circle cx="95" cy="95" r="40"/><rect x="-20" y="30" width="60" height="10"/>'];
        yield 'a view that is wider than the page' => [
            '<rect x="10" y="10" width="180" height="80" fill="#123"/>',
            'viewBox="0 0 200 100" width="160" height="160"',
        ];
        yield 'a view at the upper left' => [
            '<rect x="10" y="10" width="180" height="80" fill="#123"/>',
            'viewBox="0 0 200 100" width="160" height="160" preserveAspectRatio="xMinYMin meet"',
        ];
        yield 'a view that fills the page' => [
            '<path d="M0 0H200V100z" fill="#123"/>',
            'viewBox="0 0 200 100" width="160" height="160" preserveAspectRatio="xMidYMid slice"',
        ];
        yield 'a view that starts elsewhere' => [
            '<rect x="-40" y="-40" width="40" height="40"/><circle r="30" fill="#a00"/>',
            'viewBox="-50 -50 100 100" width="160" height="160"',
        ];
        yield 'styles: attributes, rules and their own, by weight' => [
            '<style>rect{fill:#a00} .b{fill:#0a0} #c{fill:#00a} rect.b{stroke:#000;stroke-width:4} .none{display:none}</style><rect x="5" y="5" width="30" height="30" fill="#999"/><rect class="b" x="45" y="5" width="30" height="30"/><rect id="c" class="b" x="5" y="45" width="30" height="30"/><rect class="a b" x="45" y="45" width="30" height="30" style="fill: #cc0; stroke: none"/><rect class="none" width="100" height="100"/>',
        ];
        yield 'styles: several at once and in a section' => [
            '<style type="text/css"><![CDATA[ .a, .b { fill: rgb(0, 100, 0) } .b { fill: hsl(220, 80%, 40%); } ]]></style><rect class="a" x="5" y="5" width="40" height="90"/><rect class="b" x="55" y="5" width="40" height="90"/>',
        ];
        yield 'what is hidden is not drawn' => [
            '<g visibility="hidden"><rect width="50" height="50"/><rect visibility="visible" x="60" y="60" width="30" height="30"/></g><g display="none"><rect width="100" height="100" display="inline"/></g><rect y="60" width="30" height="30" opacity="0"/><g opacity="0"><rect x="70" width="30" height="30" opacity="1"/></g><rect x="60" width="9" height="9" fill-opacity="0.0"/>',
        ];
        yield 'the colour of the text' => [
            '<g color="#a0a"><rect x="10" y="10" width="40" height="40" fill="currentColor"/><g color="#080" fill="currentColor"><path d="M60 10h30v30z"/></g></g><path d="M10 80H90" stroke="currentColor" stroke-width="8"/>',
        ];
        yield 'clipped by a circle, and by several shapes' => [
            '<clipPath id="k"><circle cx="30" cy="50" r="20"/><rect x="60" y="30" width="20" height="60"/></clipPath><g clip-path="url(#k)"><rect width="100" height="45" fill="#a00"/><rect y="45" width="100" height="55"/></g>',
        ];
        yield 'clipped by a share of its box' => [
            '<clipPath id="k" clipPathUnits="objectBoundingBox"><path d="M0 0L1 0 .5 1z"/></clipPath><rect x="10" y="20" width="80" height="60" clip-path="url(#k)"/>',
        ];
        yield 'clipped in moved places, by the other rule, by what is used there' => [
            '<clipPath id="a"><path clip-rule="evenodd" d="M10 10H90V90H10z M30 30H70V70H30z"/></clipPath><clipPath id="b" transform="translate(0 20)"><use href="#c" x="-5"/></clipPath><defs><circle id="c" cx="50" cy="30" r="35"/></defs><g transform="translate(5 0) scale(.9)" clip-path="url(#b)"><g clip-path="url(#a)"><rect width="100" height="100"/></g></g>',
        ];
        yield 'clipped by nothing that is there, and by nothing at all' => [
            '<clipPath id="e"/><rect x="5" y="5" width="40" height="40" clip-path="url(#gone)"/><rect x="55" y="5" width="40" height="40" clip-path="url(#e)"/>',
        ];
        yield 'old drawing programs: a document type, and names from elsewhere' => [
            '<metadata><x:y xmlns:x="urn:x">words</x:y></metadata><title>T</title><desc>D</desc><rect x="10" y="10" width="80" height="80"/><x:z xmlns:x="urn:x"/>',
        ];
        yield 'a switch shows the first that it can' => [
            '<switch><rect requiredExtensions="urn:no" width="100" height="100"/><circle cx="50" cy="50" r="30"/><rect width="20" height="20"/></switch>',
        ];
    }

    #[DataProvider('pictures')]
    public function testAPictureLooksAsLibrsvgDrawsIt(string $content, string $size = 'width="160" height="160" viewBox="0 0 100 100"'): void
    {
        $svg = "<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" $size>$content</svg>";
        $artwork = (new SvgReader())->read($svg);
        self::assertSame([], $artwork->notes);
        $theirs = Png::drawn($svg);
        self::assertLessThanOrEqual(12, $theirs->differences(self::drawn($artwork), 0, 0, self::SIDE));
        // A blank page would be like another.
        self::assertGreaterThan(300, $theirs->differences(self::drawn(null), 0, 0, self::SIDE));
    }

    /** Librsvg leaves this out; Chromium draws it so. */
    public function testAClippingPathIsClippedItself(): void
    {
        $artwork = (new SvgReader())->read('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100"><clipPath id="a"><path clip-rule="evenodd" d="M10 10H90V90H10z M30 30H70V70H30z"/></clipPath><clipPath id="b" clip-path="url(#a)"><circle cx="50" cy="50" r="35"/></clipPath><rect width="100" height="100" clip-path="url(#b)"/></svg>');
        self::assertEqualsWithDelta(\M_PI * 35 ** 2 - 40 ** 2, $artwork->parts[0]->region->area() / 4000 ** 2, 1.0);
    }

    /** Librsvg adds the corner's join to such dashes; the specification has dashes end where their length ends. */
    public function testDashesMayEndOnCorners(): void
    {
        $artwork = (new SvgReader())->read('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100"><rect x="10" y="10" width="30" height="30" fill="none" stroke="#000" stroke-width="4" stroke-dasharray="10 5"/></svg>');
        self::assertCount(8, $artwork->parts[0]->region->pieces());
        self::assertEqualsWithDelta(8 * 10 * 4, $artwork->parts[0]->region->area() / 4000 ** 2, 0.01);
    }

    /** Paths of all commands, thrown together. */
    public function testRandomPathsLookAsLibrsvgDrawsThem(): void
    {
        \mt_srand(4711);
        $number = static fn (int $from, int $to): string => 0 === \mt_rand(0, 3)
            ? \rtrim(\sprintf('%.1f', \mt_rand(10 * $from, 10 * $to) / 10), '0.') ?: '0'
            : (string) \mt_rand($from, $to);
        for ($round = 0; $round < 40; ++$round) {
            $data = 'M'.$number(20, 80).' '.$number(20, 80);
            for ($step = 0; $step < 9; ++$step) {
                $letter = 'LHVCSQTAlhvcsqtaZM'[\mt_rand(0, 17)];
                [$from, $to] = \ctype_lower($letter) ? [-40, 40] : [5, 95];
                $points = static fn (int $count): string => \implode(',', \array_map(static fn (): string => $number($from, $to), \array_fill(0, $count, 0)));
                $data .= $letter.match (\strtoupper($letter)) {
                    'L', 'T', 'M' => $points(2),
                    'H', 'V' => $points(1),
                    'C' => $points(6),
                    'S', 'Q' => $points(4),
                    'A' => $number(5, 40).' '.$number(5, 40).' '.$number(-90, 90).' '.\mt_rand(0, 1).\mt_rand(0, 1).$points(2),
                    default => '',
                };
            }
            $rule = 0 === $round % 2 ? 'nonzero' : 'evenodd';
            $stroke = 0 === $round % 3 ? ' stroke="#b33" stroke-width="3" stroke-linejoin="round"' : '';
            $svg = "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"160\" height=\"160\" viewBox=\"0 0 100 100\"><path fill-rule=\"$rule\"$stroke d=\"$data\"/></svg>";
            try {
                $artwork = (new SvgReader())->read($svg);
            } catch (ArtworkException) {
                $artwork = null;
            }
            self::assertLessThanOrEqual(25, Png::drawn($svg)->differences(self::drawn($artwork), 0, 0, self::SIDE), $svg);
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function notes(): iterable
    {
        yield 'a script' => ['<script>alert(1)</script>', 'A script was left out.'];
        yield 'an image' => [
            '<image href="data:image/png;base64,AAAA" width="9" height="9"/>',
            'A pixel image or foreign content was left out: only shapes can be cut.',
        ];
        yield 'a page within' => [
            '<foreignObject width="50" height="50"><p xmlns="http://www.w3.org/1999/xhtml">x</p></foreignObject>',
            'A pixel image or foreign content was left out: only shapes can be cut.',
        ];
        yield 'a link to elsewhere' => ['<use href="http://127.0.0.1:1/other.svg#a"/>', 'A link to another file was left out.'];
        yield 'a mask' => ['<mask id="m"/><rect width="9" height="9" mask="url(#m)"/>', 'A mask was left out.'];
        yield 'a filter' => ['<filter id="f"/><rect width="9" height="9" style="filter:url(#f)"/>', 'A filter was left out.'];
        yield 'arrow heads' => ['<marker id="a"/><path d="M0 0H9" stroke="#000" marker-end="url(#a)"/>', 'Arrow heads and other markers were left out.'];
        yield 'a gradient' => [
            '<linearGradient id="g"><stop stop-color="#00f"/></linearGradient><rect width="9" height="9" fill="url(#g)"/>',
            'A gradient or pattern became its first colour: film has one.',
        ];
        yield 'half of a colour' => ['<rect width="9" height="9" opacity=".5"/>', 'Something half transparent became solid: film is.'];
        yield 'text on a path' => [
            '<text font-family="Nowhere"><textPath href="#p">Tern</textPath></text>',
            'Text on a path was left out: add it as a line that follows something.',
        ];
        yield 'text' => [
            '<text x="5" y="20" font-family="Nowhere">Tern</text>',
            'The text “Tern” was left out: its font “Nowhere” is not in the type case. Add it as a line.',
        ];
    }

    #[DataProvider('notes')]
    public function testWhatIsLeftOutIsSaid(string $content, string $note): void
    {
        $artwork = (new SvgReader())->read(
            "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 100 100\">$content<circle cx=\"50\" cy=\"50\" r=\"20\"/></svg>",
        );
        self::assertSame([$note], $artwork->notes);
        self::assertNotEmpty($artwork->parts);
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'nothing' => ['', 'it is empty'];
        yield 'no XML' => ['hello', 'not an SVG picture'];
        yield 'cut off' => ['<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0', 'not an SVG picture'];
        yield 'another picture' => ['<html><body/></html>', 'its root is “html”'];
        yield 'entities' => [
            '<!DOCTYPE svg [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><svg xmlns="http://www.w3.org/2000/svg"><text>&b;</text></svg>',
            'defines entities',
        ];
        yield 'entities in another encoding' => [
            "\xff\xfe".\mb_convert_encoding(
                '<?xml version="1.0" encoding="UTF-16"?><!DOCTYPE svg [<!ENTITY a "aaaa">]><svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0H9V9z"/></svg>',
                'UTF-16LE',
            ),
            'defines entities',
        ];
        yield 'a file of this machine' => [
            '<!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/hostname">]><svg xmlns="http://www.w3.org/2000/svg"><text>&x;</text></svg>',
            'defines entities',
        ];
        yield 'nothing to be cut' => ['<svg xmlns="http://www.w3.org/2000/svg"><rect width="9" height="9" fill="none"/></svg>', 'no shape that could be cut'];
        yield 'too many bytes' => ['<svg xmlns="http://www.w3.org/2000/svg">'.\str_repeat(' ', 2_000_001).'</svg>', '2 MB'];
        yield 'too deep' => [
            '<svg xmlns="http://www.w3.org/2000/svg">'.\str_repeat('<g>', 60).'<path d="M0 0H9V9z"/>'.\str_repeat('</g>', 60).'</svg>',
            '40 levels',
        ];
        yield 'itself within itself' => [
            '<svg xmlns="http://www.w3.org/2000/svg"><g id="a"><rect width="9" height="9"/><use href="#a"/></g></svg>',
            '40 levels',
        ];
        yield 'the same in a clipping path' => [
            '<svg xmlns="http://www.w3.org/2000/svg"><g id="a0"><path d="M0 0H9V9z"/></g>'.\implode(
                '',
                \array_map(static fn (int $n): string => "<g id=\"a$n\">".\str_repeat('<use href="#a'.($n - 1).'"/>', 10).'</g>', \range(1, 9)),
            ).'<clipPath id="k"><use href="#a9"/></clipPath><rect width="9" height="9" clip-path="url(#k)"/></svg>',
            '20,000 elements',
        ];
        yield 'ten times ten times ten' => [
            '<svg xmlns="http://www.w3.org/2000/svg"><g id="a0"><path d="M0 0H9V9z"/></g>'.\implode(
                '',
                \array_map(static fn (int $n): string => "<g id=\"a$n\">".\str_repeat('<use href="#a'.($n - 1).'"/>', 10).'</g>', \range(1, 9)),
            ).'</svg>',
            '20,000 elements',
        ];
    }

    #[DataProvider('refused')]
    public function testWhatIsNoArtworkIsRefusedInWords(string $svg, string $why): void
    {
        $this->expectException(ArtworkException::class);
        $this->expectExceptionMessage($why);
        (new SvgReader())->read($svg);
    }

    public function testTextStandsWhereItsAnchorHasItAndLetterForLetterWhereItIsPlaced(): void
    {
        // Every letter is a square half as large as its em.
        $letters = new class implements TextOutlines {
            public function outlines(string $text, string $family, float $size): ?OutlinedText
            {
                $path = new PathBuilder();
                foreach (\array_keys(\mb_str_split($text)) as $at) {
                    $left = $at * $size;
                    $path->moveTo($left, 0);
                    $path->lineTo($left + $size / 2, 0);
                    $path->lineTo($left + $size / 2, $size / 2);
                    $path->lineTo($left, $size / 2);
                    $path->close();
                }

                return 'Here' === $family ? new OutlinedText($path->path(), \mb_strlen($text) * $size) : null;
            }
        };
        $svg = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100" font-family="Here, serif" font-size="10">
            <text x="10" y="20">ab</text><text x="50" y="40" text-anchor="middle">ab</text><text x="90" y="60" text-anchor="end" fill="#a00">ab</text>
            <text x="10" y="80">a<tspan x="60" dy="10" fill="#00a">b</tspan><tspan>c</tspan></text></svg>';
        $artwork = (new SvgReader($letters))->read($svg);
        self::assertSame([], $artwork->notes);
        $boxes = [];
        foreach ($artwork->parts as $part) {
            foreach ($part->region->pieces() as $piece) {
                $box = $piece->bounds();
                $boxes[$part->colour][] = [(int) \round(($box->left ?? 0) / 4000), (int) \round(-($box->bottom ?? 0) / 4000)];
            }
            \sort($boxes[$part->colour]);
        }
        self::assertSame([
            '#000000' => [[10, 20], [10, 80], [20, 20], [40, 40], [50, 40], [70, 90]],
            '#aa0000' => [[70, 60], [80, 60]],
            '#0000aa' => [[60, 90]],
        ], $boxes);
    }

    private static function drawn(?Artwork $artwork): Png
    {
        $scale = self::SIDE / SvgReader::SIDE;
        $paths = '';
        foreach ($artwork->parts ?? [] as $part) {
            $paths .= "<path transform=\"scale($scale)\" fill=\"$part->colour\" fill-rule=\"evenodd\" d=\"".SvgPath::inMicrometres($part->region, 0, 0).'"/>';
        }

        return Png::drawn(\sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%1$d" height="%1$d">%2$s</svg>', self::SIDE, $paths));
    }
}
