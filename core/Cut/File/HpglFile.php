<?php

declare(strict_types=1);

namespace Uvret\Cut\File;

use Uvret\Cut\Knife\KnifePlan;

/**
 * The knife's moves as HP-GL: 40 units per millimetre, whole numbers, x right and y up on the sheet, from a corner
 * slightly inside the film.
 */
final readonly class HpglFile implements CutterFile
{
    /** µm per unit. */
    public const UNIT = 25;

    /** Offset of the sheet's corner from the machine's origin in x and y, in µm, because the holder runs ahead beyond the sheet. */
    public const EDGE = 1_000;

    /** Maximum number of points per instruction. */
    private const POINTS = 60;

    public function extension(): string
    {
        return 'hpgl';
    }

    public function mediaType(): string
    {
        return 'application/vnd.hp-hpgl';
    }

    public function write(KnifePlan $plan): string
    {
        return self::begin($plan).([] === $plan->turning ? '' : self::line($plan->turning)).\implode('', self::lines($plan)).self::END;
    }

    public const END = "PU0,0;SP0;\n";

    /** Speed in cm/s and force. */
    public static function begin(KnifePlan $plan): string
    {
        $settings = $plan->settings;

        return \sprintf("IN;SP1;VS%d;FS%d;PA;\n", \max(1, (int) \round($settings->speed / 10)), $settings->force);
    }

    /** @return list<string> for each ring, repeated for the film's passes */
    public static function lines(KnifePlan $plan): array
    {
        return \array_map(static fn (array $line): string => \str_repeat(self::line($line), $plan->settings->passes), $plan->lines);
    }

    /** @param list<float> $line */
    private static function line(array $line): string
    {
        $points = [];
        $before = null;
        for ($i = 0, $count = \count($line); $i < $count; $i += 2) {
            $point = self::units($line[$i]).','.self::units($line[$i + 1]);
            if ($point !== $before) {
                $points[] = $before = $point;
            }
        }
        $data = 'PU'.$points[0].";\n";
        foreach (\array_chunk(\array_slice($points, 1), self::POINTS) as $some) {
            $data .= 'PD'.\implode(',', $some).";\n";
        }

        return $data."PU;\n";
    }

    private static function units(float $micrometres): int
    {
        return (int) \round(($micrometres + self::EDGE) / self::UNIT);
    }
}
