<?php

declare(strict_types=1);

namespace Uvret\Cut\File;

use Uvret\Cut\Knife\KnifePlan;

/**
 * What the knife does as HP-GL: 40 units a millimetre, in whole numbers, x to the right and y up as the sheet lies, from a corner that
 * is somewhat inside the film.
 */
final readonly class HpglFile implements CutterFile
{
    /** µm a unit. */
    public const UNIT = 25;

    /** How far the sheet's corner is from the machine's origin either way, in µm: a holder that runs ahead leaves the sheet. */
    public const EDGE = 1_000;

    /** The most points of one instruction. */
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

    /** @return list<string> for each ring, cut as often as the film asks for */
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
