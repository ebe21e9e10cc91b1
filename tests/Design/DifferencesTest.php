<?php

declare(strict_types=1);

namespace Uvret\Tests\Design;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Uvret\Design\Differences;
use Uvret\Design\Json;
use Uvret\Tests\Support\Designs;

/** Changes in the words that people read. */
final class DifferencesTest extends TestCase
{
    private const BEFORE = [
        'lines.0.letters' => [['at' => 1, 'kern' => 20]],
        'lines.0.language' => 'nl',
        'lines.0.treatments' => [
            'group' => 'crew',
            'outlines' => [['film' => 'chalk']],
            'shadow' => ['kind' => 'block', 'film' => 'chalk'],
            'inline' => ['width' => 900],
            'copies' => ['kind' => 'grid'],
            'setInto' => ['into' => 'cards', 'cards' => ['plate']],
            'erased' => [['id' => 'piece-1', 'points' => [0, 0, 9, 0, 9, 9]]],
        ],
        'forms' => [['id' => 'plate', 'kind' => 'shield', 'film' => 'ink', 'width' => 90_000, 'height' => 40_000]],
    ];

    /**
     * @param array<string, mixed> $change
     * @param list<string>         $said
     */
    #[DataProvider('changes')]
    public function testEachChangeHasItsSentence(array $change, array $said): void
    {
        $films = ['films' => \array_map(static fn (string $id): array => ['id' => $id, 'name' => \ucfirst($id)] + Designs::FILM, ['ink', 'chalk'])];
        $before = Designs::document([...$films, ...self::BEFORE]);
        self::assertSame($said, Differences::between($before, Designs::document([...$films, ...self::BEFORE, ...$change])));
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function changes(): iterable
    {
        $treated = static fn (string $name, mixed $value): array => ['lines.0.treatments' => [$name => $value] + self::BEFORE['lines.0.treatments']];
        yield 'nothing' => [[], []];
        yield 'a number with its unit' => [['lines.0.spacing' => 20], ['“Ottilie”: letter spacing changed to 20 ‰ em.']];
        yield 'a length in the design’s unit' => [['lines.0.heft' => 400], ['“Ottilie”: heft changed to 0.4 mm.']];
        yield 'a film by its name' => [['lines.0.film' => 'chalk'], ['“Ottilie”: film changed to Chalk.']];
        yield 'something chosen' => [['lines.0.joins' => 'apart'], ['“Ottilie”: joining letters changed to apart.']];
        yield 'something written' => [['lines.0.font' => 'anton'], ['“Ottilie”: font changed to “anton”.']];
        yield 'something cleared' => [['lines.0.language' => ''], ['“Ottilie”: language cleared.']];
        yield 'a switch' => [['lines.0.hidden' => true], ['“Ottilie”: now hidden.']];
        yield 'a list' => [['lines.0.features' => ['ss01']], ['“Ottilie”: letter forms changed.']];
        yield 'letters' => [['lines.0.letters' => [['at' => 1, 'kern' => 40]]], ['“Ottilie”: single letters changed.']];
        yield 'letters that go along with the words' => [['lines.0.letters' => [], 'lines.0.words' => 'Bo'], ['“Ottilie”: words changed to “Bo”.']];
        yield 'a group, and what is told apart from it' => [
            ['lines.0.size' => ['by' => 'height', 'length' => 30_000, 'stretch' => 90]],
            ['“Ottilie”: size changed to 30.0 mm by height.', '“Ottilie”: stretch changed to 90 %.'],
        ];
        yield 'only what is told apart' => [['lines.0.stretch' => 90], ['“Ottilie”: stretch changed to 90 %.']];
        yield 'two groups' => [['lines.0.turn' => 5, 'lines.0.gap' => 900], ['“Ottilie”: moved.', '“Ottilie”: moved.']];
        yield 'a path' => [['lines.0.follows' => ['path' => 'ring']], ['“Ottilie”: path changed to ring.']];
        yield 'edges' => [['lines.0.fills' => ['top' => ['shape' => 'arched']]], ['“Ottilie”: edges changed to arched and level.']];
        yield 'no outline any more' => [$treated('outlines', []), ['“Ottilie”: outline removed.']];
        yield 'another outline' => [$treated('outlines', [['film' => 'chalk', 'width' => 900]]), ['“Ottilie”: outline changed.']];
        yield 'no shadow any more' => [$treated('shadow', ['kind' => 'none', 'film' => 'chalk']), ['“Ottilie”: shadow removed.']];
        yield 'another shadow' => [$treated('shadow', ['kind' => 'shifted', 'film' => 'chalk']), ['“Ottilie”: shadow changed to shifted.']];
        yield 'no inline any more' => [$treated('inline', ['width' => 0]), ['“Ottilie”: inline removed.']];
        yield 'no copies any more' => [$treated('copies', ['kind' => 'none']), ['“Ottilie”: copies removed.']];
        yield 'no longer set in' => [$treated('setInto', ['into' => 'none']), ['“Ottilie”: no longer set into another.']];
        yield 'set in otherwise' => [$treated('setInto', ['into' => 'cards', 'cards' => ['plate'], 'clearance' => 700]), ['“Ottilie”: inset changed.']];
        yield 'pieces brought back' => [$treated('erased', []), ['“Ottilie”: cut-away pieces restored.']];
        yield 'a form' => [
            ['forms.0.width' => 80_000, 'forms.0.guide' => true],
            ['The shield: size changed to 80.0 mm × 40.0 mm.', 'The shield: now guide only.'],
        ];
        yield 'how two films meet' => [['layering.usual' => ['kind' => 'butted']], ['Chalk and Ink are butted.']];
        yield 'how two films meet, and by how much' => [
            ['layering.usual' => ['kind' => 'gap', 'width' => 700]],
            ['Chalk and Ink are kept apart, by 0.7 mm.'],
        ];
        $own = ['layering.joints' => [['id' => 'ink chalk', 'film' => 'ink', 'other' => 'chalk', 'kind' => 'trapped', 'width' => 1000]]];
        yield 'how films meet that have nothing of their own' => [
            [...$own, 'layering.usual' => ['kind' => 'gap', 'width' => 700]],
            ['Films are usually kept apart, by 0.7 mm.'],
        ];
        yield 'how films meet edge to edge' => [[...$own, 'layering.usual' => ['kind' => 'butted']], ['Films are usually butted.']];
        yield 'the marks' => [['layering.marks' => 'none'], ['Registration marks removed.']];
        yield 'another size of the blank' => [['blank.size' => 'Large'], ['The blank is Kit tote, Large.']];
        yield 'another width of the blank' => [['blank.width' => 390_000], ['The blank Kit tote has other measures.']];
        yield 'of the whole design' => [['unit' => 'in', 'stack' => 'bottom'], ['Unit changed to in.', 'Position of the lines changed to bottom.']];
    }

    /** @return iterable<string, array{string, string, bool}> */
    public static function values(): iterable
    {
        yield 'another order of fields' => ['{"a": 1, "b": 2}', '{"b": 2, "a": 1}', true];
        yield 'a field more' => ['{"a": 1}', '{"a": 1, "b": null}', false];
        yield 'another field' => ['{"a": 1}', '{"b": 1}', false];
        yield 'whole numbers and others' => ['[1, 2.0]', '[1.0, 2]', true];
        yield 'unlike numbers' => ['1', '1.5', false];
        yield 'a number and text' => ['1', '"1"', false];
        yield 'a number and truth' => ['1', 'true', false];
        yield 'unlike deep down' => ['{"a": [{"b": 1}]}', '{"a": [{"b": 2}]}', false];
        yield 'a shorter list' => ['[1, 2]', '[1]', false];
        yield 'nothing' => ['null', 'null', true];
    }

    #[DataProvider('values')]
    public function testValuesAreComparedAsJsonMeansThem(string $one, string $other, bool $same): void
    {
        self::assertSame($same, Json::same(\json_decode($one), \json_decode($other)));
        self::assertSame($same, Json::same(\json_decode($other), \json_decode($one)));
    }
}
