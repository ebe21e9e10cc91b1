<?php

declare(strict_types=1);

namespace Uvret\Cut\File;

use Uvret\Cut\Knife\KnifePlan;
use Uvret\Cut\Knife\KnifeRing;
use Uvret\Cut\Knife\KnifeWork;
use Uvret\Geometry\SvgPath;

/** The blade side as DXF (R12): a polyline per ring in cutting order, closed except for relief cuts, in millimetres, y up. */
final readonly class DxfFile implements CutterFile
{
    public function extension(): string
    {
        return 'dxf';
    }

    public function mediaType(): string
    {
        return 'image/vnd.dxf';
    }

    public function write(KnifePlan $plan): string
    {
        $pairs = [0, 'SECTION', 2, 'HEADER', 9, '$ACADVER', 1, 'AC1009', 9, '$INSUNITS', 70, 4, 0, 'ENDSEC', 0, 'SECTION', 2, 'ENTITIES'];
        foreach ($plan->rings as $ring) {
            \array_push($pairs, ...self::polyline($ring));
        }
        \array_push($pairs, 0, 'ENDSEC', 0, 'EOF');

        return \implode("\n", $pairs)."\n";
    }

    /** @return list<int|string> */
    private static function polyline(KnifeRing $ring): array
    {
        $layer = match ($ring->work) {
            KnifeWork::Hole, KnifeWork::Outline => 'LETTERING',
            KnifeWork::Mark => 'MARKS',
            KnifeWork::Parting => 'PARTING',
            KnifeWork::Frame => 'FRAME',
        };
        $pairs = [0, 'POLYLINE', 8, $layer, 66, 1, 70, $ring->isOpen() ? 0 : 1];
        foreach (\array_chunk($ring->points, 2) as [$x, $y]) {
            \array_push($pairs, 0, 'VERTEX', 8, $layer, 10, SvgPath::decimal($x), 20, SvgPath::decimal($y));
        }

        return [...$pairs, 0, 'SEQEND'];
    }
}
