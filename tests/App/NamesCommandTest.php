<?php

declare(strict_types=1);

namespace Uvret\Tests\App;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;
use Uvret\Tests\Support\Designs;
use Uvret\Tests\Support\Json;

/** A list without the app. */
final class NamesCommandTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = \sys_get_temp_dir().'/uvret-names-'.\bin2hex(\random_bytes(6));
        \mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        (new Filesystem())->remove($this->folder);
    }

    public function testEachRowIsPlanned(): void
    {
        [$status, $said] = $this->names("Name;Seat\nOttilie;4\nWilhelmina;5\n");
        self::assertSame(0, $status, $said);
        $names = Json::of((string) \file_get_contents("$this->folder/out/names.json"));
        self::assertSame(['Ottilie', 'Wilhelmina'], [$names->get('0.values.name'), $names->get('1.values.name')]);
        foreach ([0, 1] as $row) {
            $layer = $this->folder.'/out/'.$names->string("$row.folder").'/'.$names->string("$row.layers.0.file");
            self::assertFileExists($layer);
            self::assertLessThanOrEqual(80_002, $names->get("$row.lines.0.width"));
        }
        self::assertSame([true, true], [$names->get('1.lines.0.smaller'), 90 === (int) $names->float('1.lines.0.squeezed')]);
        self::assertSame([], $names->get('1.snags'));
    }

    public function testABrokenListEndsWithItsRow(): void
    {
        [$status, $said] = $this->names("Name,Seat\nOttilie,4,5\n");
        self::assertSame(1, $status);
        self::assertStringContainsString('Row 2 cannot be read', $said);
        self::assertFileDoesNotExist("$this->folder/out/names.json");
    }

    public function testEachHasTheDesignOnTheirSize(): void
    {
        $blank = \dirname(__DIR__, 2).'/demo/blanks.json';
        $tee = (new Json((array) Json::of((string) \file_get_contents($blank))->data()[0]));
        \file_put_contents("$this->folder/blank.json", (string) $tee);
        $design = [
            'blank.id' => $tee->get('id'), 'blank.drawing' => $tee->get('drawing'), 'blank.size' => 'M', 'blank.width' => 520_000,
            'blank.placement' => $tee->get('sizes.1.placements.0'),
            'lines.0.bySize' => ['rule' => 'grow'], 'lines.0.fitting' => ['atMost' => 0], 'lines.0.size' => ['by' => 'width', 'length' => 140_000],
        ];
        [$status, $said] = $this->names("Name;Size\nBo;S\nBo;M\nBo;L\nBo;7\n", $design, "--blank=$this->folder/blank.json");
        self::assertSame(0, $status, $said);
        $names = Json::of((string) \file_get_contents("$this->folder/out/names.json"));
        foreach ([130_000, 140_000, 147_500, 140_000] as $row => $width) {
            self::assertEqualsWithDelta($width, $names->int("$row.lines.0.width"), 3);
        }
        [$status, $said] = $this->names("Name\nBo\n", $design, "--blank=$this->folder/list.csv");
        self::assertSame(1, $status);
        self::assertStringContainsString('not a blank', $said);
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array{int, string}
     */
    private function names(string $list, array $more = [], string $options = ''): array
    {
        $line = ['lines.0.words' => '⟨name⟩', 'lines.0.fitting' => ['atMost' => 80_000, 'squeeze' => 90]];
        \file_put_contents("$this->folder/design.json", Designs::json($more + $line));
        \file_put_contents("$this->folder/list.csv", $list);
        $command = \dirname(__DIR__, 2).'/bin/console uvret:names';
        \exec("$command $this->folder/design.json $this->folder/list.csv --out=$this->folder/out $options 2>&1", $said, $status);

        return [$status, \preg_replace('/\s+/', ' ', \implode(' ', $said)) ?? ''];
    }
}
