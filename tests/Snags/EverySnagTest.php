<?php

declare(strict_types=1);

namespace Uvret\Tests\Snags;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Plan\Plan;
use Uvret\Snags\LossFinder;
use Uvret\Snags\LossSnags;
use Uvret\Snags\Snag;
use Uvret\Snags\SnagKind;
use Uvret\Tests\Support\Designs;

/** Every kind of snag in a design that has it, and in one that is a little otherwise and does not. */
final class EverySnagTest extends TestCase
{
    private const BLOCKS = [
        'lines.0.font' => 'anton',
        'lines.0.words' => 'TERN',
        'lines.0.size' => ['by' => 'letter', 'length' => 40_000],
        'lines.0.gap' => 60_000,
    ];

    /** @return iterable<string, array{SnagKind, array<string, mixed>, array<string, mixed>, 3?: string}> what is otherwise with it, and without; what it says */
    public static function cases(): iterable
    {
        $arc = static fn (int $radius, string $bows): array => [
            ...self::BLOCKS,
            'lines.0.words' => 'TERN POINT',
            'lines.0.size' => ['by' => 'letter', 'length' => 20_000],
            'lines.0.follows' => ['path' => 'arc', 'letters' => 'bent', 'arc' => ['by' => 'radius', 'radius' => $radius, 'bows' => $bows]],
        ];
        $ring = static fn (string $words, int $radius, int $height): array => [
            ...self::BLOCKS,
            'lines.0.words' => $words,
            'lines.0.size' => ['by' => 'letter', 'length' => $height],
            'lines.0.follows' => ['path' => 'ring', 'letters' => 'turned', 'ring' => ['radius' => $radius, 'part' => 'round', 'down' => 120_000]],
        ];
        $inks = static fn (string $colour, bool $opaque): array => [
            ...self::BLOCKS,
            'films.0.colour' => '#F5C242',
            'films.0.opaque' => $opaque,
            'blank.fabric.colour' => $colour,
        ];
        $glued = static fn (int $kern): array => ['lines.0.words' => 'Ottilie', 'lines.0.letters' => [['at' => 3, 'kern' => $kern]]];
        $plate = static fn (array $more, int $width = 200_000): array => $more + [
            'id' => 'plate',
            'kind' => 'rectangle',
            'film' => 'ink',
            'width' => $width,
            'height' => 60_000,
            'across' => 0,
            'down' => 90_000,
        ];
        $cut = static fn (array $treatments, int $gap = 70_000, int $height = 40_000): array => [
            ...self::BLOCKS,
            'lines.0.words' => 'ROAD',
            'lines.0.spacing' => 250,
            'lines.0.size' => ['by' => 'letter', 'length' => $height],
            'lines.0.gap' => $gap,
            'lines.0.treatments' => (object) $treatments,
            'forms' => [$plate([])],
        ];
        $other = ['films.1' => ['id' => 'sunup', 'name' => 'Sun-up', 'colour' => '#F5C242'] + Designs::FILM];

        $sandwich = static fn (string $film): array => [
            'lines' => [],
            'films.1' => ['id' => 'sunup', 'name' => 'Sun-up', 'colour' => '#F5C242'] + Designs::FILM,
            'forms' => [$plate([]), $plate(['id' => 'label', 'film' => $film], 120_000), $plate(['id' => 'dot', 'height' => 20_000], 40_000)],
        ];
        yield 'forms of one film on one another, with or without another between' => [
            SnagKind::Unseen,
            $sandwich('ink'),
            $sandwich('sunup'),
            'merge into one',
        ];
        $copied = static fn (int $gap, string $film, string $second): array => [
            'lines' => [],
            'films.1' => ['id' => 'sunup', 'name' => 'Sun-up', 'colour' => '#F5C242'] + Designs::FILM,
            'forms' => [
                $plate(['height' => 50_000]),
                $plate(
                    [
                        'id' => 'dot',
                        'film' => $film,
                        'height' => 20_000,
                        'down' => 30_000,
                        'treatments' => (object) ['copies' => ['kind' => 'grid', 'across' => 1, 'down' => 2, 'gap' => $gap, 'film' => $second]],
                    ],
                    20_000,
                ),
            ],
        ];
        yield 'a copy on a form of the same film, or beside it' => [
            SnagKind::Unseen,
            $copied(40_000, 'ink', ''),
            $copied(80_000, 'ink', ''),
            'merge into one',
        ];
        yield 'every second copy in the film of what it lies on' => [
            SnagKind::Unseen,
            $copied(40_000, 'sunup', 'ink'),
            $copied(40_000, 'ink', 'sunup'),
            'merge into one',
        ];
        $on = static fn (string $cloth, array $treatments = []): array => [
            ...self::BLOCKS,
            'blank.fabric' => ['name' => 'Navy', 'colour' => $cloth],
            'films.1' => ['id' => 'sunup', 'name' => 'Sun-up', 'colour' => '#F5C242'] + Designs::FILM,
            'lines.0.treatments' => (object) $treatments,
        ];
        yield 'a film on a fabric of its colour' => [SnagKind::HardlySeen, $on('#2B2C44'), $on('#6B7A9A'), 'Harbour ink can hardly be seen on Navy'];
        yield 'the same with an outline that shows' => [
            SnagKind::HardlySeen,
            $on('#2B2C44', ['outlines' => []]),
            $on('#2B2C44', ['outlines' => [['width' => 2_000, 'film' => 'sunup']]]),
            'Harbour ink',
        ];
        $under = static fn (int $width): array => [
            'lines' => [],
            'films.1' => ['id' => 'sunup', 'name' => 'Sun-up', 'colour' => '#F5C242'] + Designs::FILM,
            'forms' => [
                $plate(['id' => 'dot', 'height' => 20_000, 'film' => 'sunup'], $width),
                $plate([]),
            ],
        ];
        yield 'what films used to cover otherwise' => [
            SnagKind::OtherwiseNow,
            ['formerly' => ['ink', 'sunup']] + $under(210_000),
            ['formerly' => ['sunup', 'ink']] + $under(210_000),
            'is seen here, where',
        ];
        yield 'a form under another' => [SnagKind::Hidden, $under(60_000), $under(210_000), 'Rectangle 2 hides all of rectangle 1.'];
        $rimmed = static fn (int $depth): array => [
            'lines' => [],
            'films.1' => ['id' => 'sunup', 'name' => 'Sun-up', 'colour' => '#F5C242'] + Designs::FILM,
            'forms' => [
                $plate(
                    ['id' => 'dot', 'height' => 20_000, 'depth' => $depth, 'treatments' => (object) ['outlines' => [['width' => 3_000, 'film' => 'sunup']]]],
                    60_000,
                ),
                $plate([]),
            ],
        ];
        yield 'an outline under a form in the film of its card' => [SnagKind::Hidden, $rimmed(0), $rimmed(1), 'hides all of the outline'];
        yield 'a font that is not here' => [SnagKind::NotMade, ['lines.0.font' => 'gone'], [], 'gone'];
        yield 'set into nothing' => [
            SnagKind::NotMade,
            $cut(['setInto' => ['into' => 'cards', 'cards' => ['shield'], 'clearance' => 1_000]]),
            $cut(['setInto' => ['into' => 'cards', 'cards' => ['plate'], 'clearance' => 1_000]]),
            'is gone',
        ];
        yield 'a letter that the font has not' => [SnagKind::MissingLetter, [...self::BLOCKS, 'lines.0.words' => 'TERN ☃'], self::BLOCKS, '☃'];
        yield 'a font that has none of the letters, and draws nothing instead' => [
            SnagKind::NotMade,
            [...self::BLOCKS, 'lines.0.font' => 'sacramento', 'lines.0.words' => 'سباق'],
            [...self::BLOCKS, 'lines.0.font' => 'sacramento', 'lines.0.words' => 'race'],
            'none of these characters: س ب ا ق',
        ];
        yield 'a character that is never seen' => [
            SnagKind::MissingLetter,
            [...self::BLOCKS, 'lines.0.words' => "TE\u{200D}RN ☃"],
            [...self::BLOCKS, 'lines.0.words' => "TE\u{200D}R\u{FE0F}N\u{2060}"],
            'no ☃:',
        ];
        yield 'ink beside the area' => [
            SnagKind::OutsideArea,
            [...self::BLOCKS, 'lines.0.shift' => 110_000],
            [...self::BLOCKS, 'lines.0.shift' => 60_000],
            'outside the area',
        ];
        $dots = static fn (int $across): array => [
            ...self::BLOCKS,
            'lines.0.treatments' => (object) ['copies' => ['kind' => 'grid', 'across' => $across, 'down' => 1, 'gap' => 5_000]],
        ];
        yield 'copies beside the area' => [SnagKind::OutsideArea, $dots(4), $dots(2), 'mm at the right'];
        yield 'a layer that is wider than its film' => [
            SnagKind::WiderThanFilm,
            [...self::BLOCKS, 'films.0.width' => 50_000, 'lines.0.size' => ['by' => 'letter', 'length' => 70_000]],
            [...self::BLOCKS, 'films.0.width' => 90_000],
            'wide',
        ];
        yield 'script that does not join' => [SnagKind::LooseLetters, $glued(120), $glued(0), 'don’t connect'];
        yield 'small letters nearly together, and capitals that don’t connect' => [
            SnagKind::LooseLetters,
            ['lines.0.words' => 'Ottilie', 'lines.0.letters' => [['at' => 3, 'kern' => 60]]],
            ['lines.0.words' => 'HARBOUR TERN'],
            'gap',
        ];
        yield 'script that barely joins' => [
            SnagKind::ThinJoin,
            ['lines.0.spacing' => 20, 'lines.0.size' => ['by' => 'letter', 'length' => 14_000]],
            ['lines.0.size' => ['by' => 'letter', 'length' => 14_000]],
            'barely connect',
        ];
        yield 'a letter in the other’s hole' => [
            SnagKind::FilledHole,
            ['lines.0.words' => 'ol', 'lines.0.letters' => [['at' => 1, 'kern' => -220]]],
            ['lines.0.words' => 'ol', 'lines.0.letters' => [['at' => 1, 'kern' => -10]]],
            'fills',
        ];
        yield 'strokes that would tear' => [
            SnagKind::ThinStroke,
            ['lines.0.font' => 'graduate', 'lines.0.words' => 'TERN', 'lines.0.size' => ['by' => 'letter', 'length' => 7_000]],
            ['lines.0.font' => 'graduate', 'lines.0.words' => 'TERN', 'lines.0.size' => ['by' => 'letter', 'length' => 20_000]],
            'would tear',
        ];
        $notched = static fn (int $deep): array => [
            'lines' => [],
            'forms' => [
                $plate([
                    'treatments' => (object) [
                        'erased' => [
                            ['id' => 'piece-1', 'points' => [-500, 40_000, 500, 40_000, 500, 30_000 - $deep, -500, 30_000 - $deep], 'hidden' => false],
                        ],
                    ],
                ]),
            ],
        ];
        yield 'a plate that hangs by a thread' => [SnagKind::ThinNeck, $notched(59_300), $notched(50_000), 'narrower than 1.0 mm (thinnest'];
        $spiked = static fn (int $thick): array => [
            'lines' => [],
            'forms' => [
                $plate([
                    'treatments' => (object) [
                        'erased' => [
                            ['id' => 'piece-1', 'points' => [90_000, -40_000, 110_000, -40_000, 110_000, -$thick, 90_000, -$thick], 'hidden' => false],
                            ['id' => 'piece-2', 'points' => [90_000, $thick, 110_000, $thick, 110_000, 40_000, 90_000, 40_000], 'hidden' => false],
                        ],
                    ],
                ]),
            ],
        ];
        yield 'a plate with a long thin tail' => [SnagKind::ThinTail, $spiked(400), $spiked(600), 'over its last 9'];
        yield 'too little left beside an inset' => [
            SnagKind::ThinRemains,
            [...$cut(['setInto' => ['into' => 'cards', 'cards' => ['plate'], 'clearance' => 1_000]], 61_700), 'lines.0.words' => 'HILT'],
            [...$cut(['setInto' => ['into' => 'cards', 'cards' => ['plate'], 'clearance' => 1_000]]), 'lines.0.words' => 'HILT'],
            'The film around the inset',
        ];
        yield 'holes that no hook takes hold of' => [
            SnagKind::SmallHole,
            ['lines.0.font' => 'archivo-black', 'lines.0.words' => 'BOO', 'lines.0.size' => ['by' => 'letter', 'length' => 5_000]],
            ['lines.0.font' => 'archivo-black', 'lines.0.words' => 'BOO', 'lines.0.size' => ['by' => 'letter', 'length' => 30_000]],
            'too small to weed',
        ];
        yield 'a line longer than its ring' => [
            SnagKind::LongerThanPath,
            [...$ring('TERN POINT ROWING REGATTA', 30_000, 24_000), 'lines.0.follows.ring.part' => 'upper'],
            $ring('TERN', 60_000, 14_000),
            'longer than its path',
        ];
        yield 'letters that cross where it bends' => [SnagKind::TightCurve, $arc(16_000, 'down'), $arc(200_000, 'down'), 'too tight'];
        yield 'letters that overlap at their feet' => [
            SnagKind::Overlap,
            [...$ring('WAVAWA', 30_000, 24_000), 'lines.0.follows.sits' => 'top', 'lines.0.spacing' => -120],
            $ring('WAVAWA', 60_000, 18_000),
            'overlap by',
        ];
        yield 'a line that cuts a plate in two' => [
            SnagKind::CutThrough,
            [
                'lines' => [],
                'forms' => [
                    $plate([]),
                    $plate([
                        'id' => 'bar',
                        'width' => 10_000,
                        'height' => 90_000,
                        'treatments' => (object) ['setInto' => ['into' => 'cards', 'cards' => ['plate'], 'clearance' => 1_000]],
                    ]),
                ],
            ],
            [
                'lines' => [],
                'forms' => [
                    $plate([]),
                    $plate([
                        'id' => 'bar',
                        'width' => 10_000,
                        'height' => 30_000,
                        'treatments' => (object) ['setInto' => ['into' => 'cards', 'cards' => ['plate'], 'clearance' => 1_000]],
                    ]),
                ],
            ],
            'falls into 1 more piece',
        ];
        yield 'an inset that sits low reads second' => [
            SnagKind::ReadsOtherwise,
            self::two(-15_000, ['treatments' => (object) [], 'id' => 'second']) + [
                'lines.0.treatments' => (object) ['setInto' => ['into' => 'cards', 'cards' => ['second'], 'clearance' => 1_000]],
                'lines.0.gap' => 130_000,
                'lines.1.gap' => -75_000,
            ],
            self::two(-15_000) + ['lines.0.treatments' => (object) ['setInto' => ['into' => 'cards', 'cards' => ['second'], 'clearance' => 1_000]]],
            'so it will be read after it',
        ];
        yield 'two of one film on one another' => [SnagKind::Unseen, $cut([]), $cut([], 130_000), 'merge into one shape'];
        yield 'a line on a line' => [
            SnagKind::OnLettering,
            self::two(-20_000, ['film' => 'sunup']) + $other,
            self::two(10_000, ['film' => 'sunup']) + $other,
            '“POINT” lies on “TERN”',
        ];
        $crossed = static fn (string $film): array => self::two(-20_000, ['depth' => 2]) + [
            ...$other,
            'forms' => [$plate(['film' => $film, 'depth' => 1, 'height' => 300_000, 'down' => 100_000], 280_000)],
        ];
        yield 'lines of one film on one another, with a film between them or not' => [SnagKind::Unseen, $crossed('ink'), $crossed('sunup'), 'merge'];
        yield 'lines on one another, or parted by a form' => [
            SnagKind::OnLettering,
            self::two(-20_000, ['film' => 'sunup']) + $other,
            $crossed('sunup'),
            'lies on',
        ];
        yield 'a line on a line, or on a form' => [
            SnagKind::OnLettering,
            self::two(-20_000, ['film' => 'sunup']) + $other,
            self::two(10_000) + $other + ['forms' => [$plate(['film' => 'sunup'])]],
            'lies on',
        ];
        yield 'islands that hang on nothing' => [
            SnagKind::LooseIslands,
            $cut(['cutFrom' => ['card' => 'plate', 'islands' => 'keep']]),
            $cut(['cutFrom' => ['card' => 'plate', 'islands' => 'drop']]),
            'are loose',
        ];
        yield 'counters that are too narrow for a bridge' => [
            SnagKind::LooseIslands,
            $cut(['cutFrom' => ['card' => 'plate', 'islands' => 'bridge', 'bridge' => 12_000]]),
            $cut(['cutFrom' => ['card' => 'plate', 'islands' => 'bridge or drop', 'bridge' => 12_000]]),
            'too narrow for a bridge',
        ];
        yield 'more film than the press likes' => [
            SnagKind::TooThick,
            $cut([]) + $other + ['lines.0.film' => 'sunup', 'layering' => ['thickest' => 150, 'usual' => ['kind' => 'lay over', 'width' => 0]]],
            $cut([]) + $other + ['lines.0.film' => 'sunup', 'layering' => ['thickest' => 150, 'usual' => ['kind' => 'butted', 'width' => 0]]],
            'thick; the limit is',
        ];
        yield 'film that is not opaque on a dark blank' => [SnagKind::ShowsThrough, $inks('#22243A', false), $inks('#F5F1E8', false), 'look darker over'];
        yield 'opaque film on a dark blank' => [SnagKind::ShowsThrough, $inks('#22243A', false), $inks('#22243A', true), 'is translucent'];
        yield 'beyond the brim' => [
            SnagKind::OffBrim,
            [...self::BLOCKS, 'blank.placement.brim' => ['edge' => 100_000, 'crown' => 20_000]],
            [...self::BLOCKS, 'blank.placement.brim' => ['edge' => 400_000, 'crown' => 20_000]],
            'over the brim’s edge',
        ];
        $seam = static fn (int $down, int $distance, array $crossed = []): array => [
            ...self::BLOCKS,
            'blank.keepOff' => [[
                'id' => 'seam', 'kind' => 'seam', 'name' => 'hem', 'points' => [-190_000, $down, 190_000, $down], 'closed' => false, 'distance' => $distance,
            ]],
            'blank.crossed' => $crossed,
        ];
        // The letters stand 60 to 100 mm below the area's upper edge, which is 90 mm below the bag's.
        yield 'lettering on a seam' => [SnagKind::OnKeepOff, $seam(170_000, 0), $seam(149_000, 0), 'lies on the hem'];
        yield 'lettering on a seam that may be crossed' => [SnagKind::OnKeepOff, $seam(170_000, 0), $seam(170_000, 0, ['seam']), 'lies on the hem'];
        yield 'lettering near a seam' => [SnagKind::NearKeepOff, $seam(145_000, 6_000), $seam(143_000, 6_000), 'comes within 5.0 mm of the hem'];
        $finish = static fn (string $finish, array $fabric): array => [
            ...self::BLOCKS,
            'films.0.finish' => $finish,
            'blank.fabric' => $fabric + ['name' => 'Canvas', 'colour' => '#D9CDB0'],
        ];
        $unsuited = SnagKind::UnsuitedFilm;
        yield 'glitter on what stretches' => [$unsuited, $finish('glitter', ['stretch' => 'some']), $finish('smooth', ['stretch' => 'some']), 'would crack'];
        yield 'smooth on what stretches much' => [$unsuited, $finish('smooth', ['stretch' => 'much']), $finish('stretch', ['stretch' => 'much']), 'stretches'];
        yield 'a film that is too hot' => [$unsuited, $finish('glitter', ['highest' => 149]), $finish('glitter', ['highest' => 150]), 'takes 149 °C'];
        yield 'a coated fabric' => [
            $unsuited,
            $finish('smooth', ['surface' => 'coated']),
            $finish('smooth', ['surface' => 'coated']) + ['films.0.coated' => true],
            'is coated',
        ];
        yield 'a hot film on glass' => [
            $unsuited,
            $finish('smooth', ['surface' => 'hard']),
            $finish('smooth', ['surface' => 'hard']) + ['films.0.applied' => 'cold'],
            'nothing can be pressed',
        ];
        yield 'a cold film on cloth' => [$unsuited, $finish('smooth', []) + ['films.0.applied' => 'cold'], $finish('smooth', []), 'laid on cold'];
    }

    /**
     * @param array<string, mixed> $with
     * @param array<string, mixed> $without
     */
    #[DataProvider('cases')]
    public function testItIsSaidWhereItIsAndNotWhereItIsNot(SnagKind $kind, array $with, array $without, string $said): void
    {
        $plan = Designs::plan($with);
        $found = \array_values(\array_filter(self::snags($plan), static fn (Snag $snag): bool => $snag->kind === $kind));
        self::assertNotSame([], $found, 'found: '.\implode(', ', self::kinds($plan)));
        self::assertStringContainsString($said, $found[0]->message);
        self::assertNotSame('', $found[0]->cure);
        // It can be found on the stage: on the ink or beside it, within the area's surroundings.
        if (null !== $found[0]->x) {
            self::assertLessThan(400_000, \abs($found[0]->x) + \abs($found[0]->y ?? 0));
        }
        self::assertNotContains($kind->value, self::kinds(Designs::plan($without)));
    }

    public function testNoKindIsLeftOut(): void
    {
        $tried = \array_map(static fn (array $case): SnagKind => $case[0], \iterator_to_array(self::cases()));
        self::assertSame([], \array_values(\array_filter(SnagKind::cases(), static fn (SnagKind $kind): bool => !\in_array($kind, $tried, true))));
    }

    /**
     * A second line so far below the first.
     *
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    private static function two(int $gap, array $more = []): array
    {
        return [...self::BLOCKS, ...Designs::secondLine(['words' => 'POINT', 'size' => ['by' => 'letter', 'length' => 40_000], 'gap' => $gap] + $more)];
    }

    /** @return list<Snag> those of the plan, and what would be lost */
    private static function snags(Plan $plan): array
    {
        $snags = $plan->snags;
        foreach ($plan->composition->parts as $part) {
            $loss = (new LossFinder())->find(
                $plan->design,
                $part,
                $plan->composition->rooms[$part->card] ?? null,
                $plan->separation->layer($part->film)?->region,
            );
            \array_push($snags, ...(null === $loss ? [] : LossSnags::of($plan->design, $loss)));
        }

        return $snags;
    }

    /** @return list<string> */
    private static function kinds(Plan $plan): array
    {
        return \array_map(static fn (Snag $snag): string => $snag->kind->value, self::snags($plan));
    }
}
