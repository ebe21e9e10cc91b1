<?php

declare(strict_types=1);

namespace Uvret\Artwork\Svg;

/**
 * The d of an SVG path (SVG 2, chapter 9): all commands, absolute and relative, flags without spaces; arcs become
 * cubics by the conversion of its appendix B.2.4. What comes after an error is left out, as the standard asks for.
 */
final class PathData
{
    public static function read(string $data): ElementOutline
    {
        $outline = new ElementOutline();
        \preg_match_all('/([MmZzLlHhVvCcSsQqTtAa])([^MmZzLlHhVvCcSsQqTtAa]*)/', $data, $commands, \PREG_SET_ORDER);
        $x = $y = $startX = $startY = 0.0;
        $controlX = $controlY = null;
        $last = '';
        foreach ($commands as [, $letter, $text]) {
            $command = \strtoupper($letter);
            $isRelative = $letter !== $command;
            [$numbers, $isWhole] = self::numbers($text, 'A' === $command);
            $takes = ['M' => 2, 'L' => 2, 'H' => 1, 'V' => 1, 'C' => 6, 'S' => 4, 'Q' => 4, 'T' => 2, 'A' => 7, 'Z' => 0][$command];
            if ('' === $last && 'M' !== $command) {
                return $outline;
            }
            if ('Z' === $command) {
                $outline->close();
                [$x, $y] = [$startX, $startY];
                $last = 'Z';
                continue;
            }
            if (\count($numbers) < $takes) {
                return $outline;
            }
            foreach (\array_chunk($numbers, \max(1, $takes)) as $number => $n) {
                if (\count($n) < $takes) {
                    return $outline;
                }
                [$ox, $oy] = $isRelative ? [$x, $y] : [0.0, 0.0];
                if ('Z' === $last && 'M' !== $command) {
                    $outline->moveTo($x, $y);
                }
                // Smooth curves go on in the direction of the one before, if that was of their kind.
                $smooth = (\in_array($command, ['S'], true) && \in_array($last, ['C', 'S'], true)) || ('T' === $command && \in_array($last, ['Q', 'T'], true));
                [$mx, $my] = $smooth && null !== $controlX && null !== $controlY ? [2 * $x - $controlX, 2 * $y - $controlY] : [$x, $y];
                switch ($command) {
                    case 'M':
                        [$x, $y] = [$n[0] + $ox, $n[1] + $oy];
                        if (0 === $number) {
                            $outline->moveTo($x, $y);
                            [$startX, $startY] = [$x, $y];
                        } else {
                            $outline->lineTo($x, $y);
                        }
                        break;
                    case 'L':
                        [$x, $y] = [$n[0] + $ox, $n[1] + $oy];
                        $outline->lineTo($x, $y);
                        break;
                    case 'H':
                        $x = $n[0] + $ox;
                        $outline->lineTo($x, $y);
                        break;
                    case 'V':
                        $y = $n[0] + $oy;
                        $outline->lineTo($x, $y);
                        break;
                    case 'C':
                        $outline->cubicTo($n[0] + $ox, $n[1] + $oy, $n[2] + $ox, $n[3] + $oy, $n[4] + $ox, $n[5] + $oy);
                        [$controlX, $controlY, $x, $y] = [$n[2] + $ox, $n[3] + $oy, $n[4] + $ox, $n[5] + $oy];
                        break;
                    case 'S':
                        $outline->cubicTo($mx, $my, $n[0] + $ox, $n[1] + $oy, $n[2] + $ox, $n[3] + $oy);
                        [$controlX, $controlY, $x, $y] = [$n[0] + $ox, $n[1] + $oy, $n[2] + $ox, $n[3] + $oy];
                        break;
                    case 'Q':
                        $outline->quadraticTo($n[0] + $ox, $n[1] + $oy, $n[2] + $ox, $n[3] + $oy);
                        [$controlX, $controlY, $x, $y] = [$n[0] + $ox, $n[1] + $oy, $n[2] + $ox, $n[3] + $oy];
                        break;
                    case 'T':
                        $outline->quadraticTo($mx, $my, $n[0] + $ox, $n[1] + $oy);
                        [$controlX, $controlY, $x, $y] = [$mx, $my, $n[0] + $ox, $n[1] + $oy];
                        break;
                    default:
                        $outline->arcTo($n[0], $n[1], $n[2], 0.0 !== $n[3], 0.0 !== $n[4], $n[5] + $ox, $n[6] + $oy);
                        [$x, $y] = [$n[5] + $ox, $n[6] + $oy];
                }
                $last = $command;
            }
            if (!$isWhole) {
                return $outline;
            }
        }

        return $outline;
    }

    /** @return array{list<float>, bool} the numbers, and whether there is nothing else */
    private static function numbers(string $text, bool $areArcs): array
    {
        $number = '[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?';
        $between = '[\s,]*';
        // An arc's flags are single digits and may stand side by side.
        $step = $areArcs ? "($number)$between($number)$between($number)$between([01])$between([01])$between($number)$between($number)" : "($number)";
        $numbers = [];
        $at = 0;
        while (1 === \preg_match("/$between$step/A", $text, $found, 0, $at)) {
            $at += \strlen($found[0]);
            \array_push($numbers, ...\array_map(\floatval(...), \array_slice($found, 1)));
        }

        return [$numbers, '' === \trim(\substr($text, $at), " \t\r\n\f,")];
    }
}
