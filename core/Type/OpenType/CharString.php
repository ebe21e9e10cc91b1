<?php

declare(strict_types=1);

namespace Uvret\Type\OpenType;

use Uvret\Geometry\Curve\Path;
use Uvret\Geometry\Curve\PathBuilder;
use Uvret\Type\FontException;

/** A Type 2 char string drawn (Adobe Technical Note 5177). Hints are stepped over. */
final class CharString
{
    private const DEEPEST = 10;
    private const MOST_STEPS = 100000;
    private const STACK = 513;

    private PathBuilder $builder;

    /** @var list<float> */
    private array $stack = [];

    private float $x = 0.0;
    private float $y = 0.0;
    private int $hints = 0;
    private bool $widthTaken = false;
    private bool $ended = false;
    private int $steps = self::MOST_STEPS;

    private int $vary = 0;

    /**
     * @param \Closure(int): string $accented the char string of a standard character
     * @param list<int>|null        $regions  of a variable font: how many deltas follow a number, for each way of varying
     */
    public function __construct(
        private readonly CompactIndex $globals,
        private readonly ?CompactIndex $locals,
        private readonly \Closure $accented,
        private readonly ?array $regions = null,
    ) {
        $this->builder = new PathBuilder();
        // The widths of variable fonts are not in their char strings.
        $this->widthTaken = null !== $regions;
    }

    public function path(string $program): Path
    {
        $this->run($program, 0);

        return $this->builder->close()->path();
    }

    private function run(string $program, int $depth): void
    {
        if ($depth > self::DEEPEST) {
            throw FontException::badTable('CFF ', 'subroutines call one another without end');
        }
        $data = new Table('CFF ', $program);
        for ($at = 0; $at < $data->length && !$this->ended;) {
            if (--$this->steps < 0) {
                throw FontException::badTable('CFF ', 'a glyph is drawn in too many steps');
            }
            $b = $data->u8($at++);
            if ($b >= 32 || 28 === $b) {
                $this->push($this->number($data, $b, $at));
                continue;
            }
            switch ($b) {
                case 10:
                    $this->call($this->locals, $depth);
                    break;
                case 29:
                    $this->call($this->globals, $depth);
                    break;
                case 11:
                    return;
                case 19:
                case 20:
                    $this->stems();
                    $at += ($this->hints + 7) >> 3;
                    break;
                case 12:
                    $this->escaped($data->u8($at++));
                    break;
                case 14:
                    $this->end($depth);
                    break;
                case 15:
                    $this->vary = (int) $this->pop();
                    break;
                case 16:
                    $this->blend();
                    break;
                default:
                    $this->draw($b);
            }
        }
    }

    private function number(Table $data, int $b, int &$at): float
    {
        if (28 === $b) {
            $at += 2;

            return $data->i16($at - 2);
        }
        if ($b <= 246) {
            return $b - 139;
        }
        if ($b <= 250) {
            return ($b - 247) * 256 + $data->u8($at++) + 108;
        }
        if ($b <= 254) {
            return -($b - 251) * 256 - $data->u8($at++) - 108;
        }
        $at += 4;
        $value = $data->u32($at - 4);

        return ($value < 0x80000000 ? $value : $value - 0x100000000) / 65536;
    }

    private function push(float $value): void
    {
        if (\count($this->stack) >= self::STACK) {
            throw FontException::badTable('CFF ', 'a glyph has too many numbers');
        }
        $this->stack[] = $value;
    }

    private function pop(): float
    {
        return \array_pop($this->stack) ?? throw FontException::badTable('CFF ', 'a glyph lacks numbers');
    }

    /** Numbers with their deltas: the default instance is without those. */
    private function blend(): void
    {
        $count = (int) $this->pop();
        $deltas = $count * ($this->regions[$this->vary] ?? 0);
        if ($count < 0 || $count + $deltas > \count($this->stack)) {
            throw FontException::badTable('CFF2', 'a glyph lacks numbers');
        }
        $this->stack = \array_slice($this->stack, 0, \count($this->stack) - $deltas);
    }

    private function call(?CompactIndex $subroutines, int $depth): void
    {
        $count = $subroutines->count ?? 0;
        $bias = $count < 1240 ? 107 : ($count < 33900 ? 1131 : 32768);
        $number = (int) $this->pop() + $bias;
        $this->run(($subroutines ?? throw FontException::badTable('CFF ', 'something is called that is not there'))->item($number), $depth + 1);
    }

    private function stems(): void
    {
        $this->takeWidth(1 === \count($this->stack) % 2);
        $this->hints += \intdiv(\count($this->stack), 2);
        $this->stack = [];
    }

    /** The first operator's stack may begin with the glyph's width. */
    private function takeWidth(bool $isThere): void
    {
        if (!$this->widthTaken) {
            $this->widthTaken = true;
            if ($isThere) {
                \array_shift($this->stack);
            }
        }
    }

    private function end(int $depth): void
    {
        $count = \count($this->stack);
        $this->takeWidth(1 === $count || 5 === $count);
        if (4 === \count($this->stack)) {
            // An accented letter: the letter, and the accent shifted.
            [$dx, $dy, $letter, $accent] = $this->stack;
            $this->stack = [];
            foreach ([[$letter, 0.0, 0.0], [$accent, $dx, $dy]] as [$code, $x, $y]) {
                $this->builder->close();
                [$this->x, $this->y, $this->hints, $this->ended] = [$x, $y, 0, false];
                $this->run(($this->accented)((int) $code), $depth + 1);
                $this->stack = [];
            }
        }
        $this->ended = true;
    }

    private function draw(int $operator): void
    {
        $s = $this->stack;
        $count = \count($s);
        switch ($operator) {
            case 1: case 3: case 18: case 23:
                $this->stems();

                return;
            case 21:
                $this->takeWidth($count > 2);
                $this->moveTo($this->stack[0] ?? 0, $this->stack[1] ?? 0);
                break;
            case 22:
                $this->takeWidth($count > 1);
                $this->moveTo($this->stack[0] ?? 0, 0);
                break;
            case 4:
                $this->takeWidth($count > 1);
                $this->moveTo(0, $this->stack[0] ?? 0);
                break;
            case 5:
                for ($i = 0; $i + 1 < $count; $i += 2) {
                    $this->lineTo($s[$i], $s[$i + 1]);
                }
                break;
            case 6:
            case 7:
                for ($i = 0; $i < $count; ++$i) {
                    (6 === $operator) === (0 === $i % 2) ? $this->lineTo($s[$i], 0) : $this->lineTo(0, $s[$i]);
                }
                break;
            case 8:
                $this->curves($s, 0, $count);
                break;
            case 24:
                $this->curves($s, 0, $count - 2);
                $this->lineTo($s[$count - 2] ?? 0, $s[$count - 1] ?? 0);
                break;
            case 25:
                for ($i = 0; $i + 7 < $count; $i += 2) {
                    $this->lineTo($s[$i], $s[$i + 1]);
                }
                $this->curves($s, $i, $count);
                break;
            case 26:
                $dx = $count % 4 >= 1 ? $s[0] : 0.0;
                for ($i = $count % 4; $i + 3 < $count; $i += 4) {
                    $this->curveTo($dx, $s[$i], $s[$i + 1], $s[$i + 2], 0, $s[$i + 3]);
                    $dx = 0.0;
                }
                break;
            case 27:
                $dy = $count % 4 >= 1 ? $s[0] : 0.0;
                for ($i = $count % 4; $i + 3 < $count; $i += 4) {
                    $this->curveTo($s[$i], $dy, $s[$i + 1], $s[$i + 2], $s[$i + 3], 0);
                    $dy = 0.0;
                }
                break;
            case 30:
            case 31:
                $this->turning($s, 31 === $operator);
                break;
            default:
                throw FontException::badTable('CFF ', 'a glyph has an unknown operator');
        }
        $this->stack = [];
    }

    /**
     * Curves that begin level and upright in turn.
     *
     * @param list<float> $s
     */
    private function turning(array $s, bool $level): void
    {
        $count = \count($s);
        for ($i = 0; $i + 3 < $count; $i += 4) {
            $last = 5 === $count - $i ? $s[$i + 4] : 0.0;
            $level
                ? $this->curveTo($s[$i], 0, $s[$i + 1], $s[$i + 2], $last, $s[$i + 3])
                : $this->curveTo(0, $s[$i], $s[$i + 1], $s[$i + 2], $s[$i + 3], $last);
            $level = !$level;
        }
    }

    private function escaped(int $operator): void
    {
        $s = $this->stack;
        $at = static fn (int $i): float => $s[$i] ?? 0.0;
        switch ($operator) {
            case 34:
                $this->curveTo($at(0), 0, $at(1), $at(2), $at(3), 0);
                $this->curveTo($at(4), 0, $at(5), -$at(2), $at(6), 0);
                break;
            case 35:
                $this->curves(\array_slice($s, 0, 12), 0, \min(12, \count($s)));
                break;
            case 36:
                $this->curveTo($at(0), $at(1), $at(2), $at(3), $at(4), 0);
                $this->curveTo($at(5), 0, $at(6), $at(7), $at(8), -($at(1) + $at(3) + $at(7)));
                break;
            case 37:
                $dx = $at(0) + $at(2) + $at(4) + $at(6) + $at(8);
                $dy = $at(1) + $at(3) + $at(5) + $at(7) + $at(9);
                $level = \abs($dx) > \abs($dy);
                $this->curves(\array_slice($s, 0, 6), 0, \min(6, \count($s)));
                $this->curveTo($at(6), $at(7), $at(8), $at(9), $level ? $at(10) : -$dx, $level ? -$dy : $at(10));
                break;
            default:
                $this->calculate($operator);

                return;
        }
        $this->stack = [];
    }

    private function calculate(int $operator): void
    {
        switch ($operator) {
            case 9: $this->push(\abs($this->pop()));
                break;
            case 10: $b = $this->pop();
                $this->push($this->pop() + $b);
                break;
            case 11: $b = $this->pop();
                $this->push($this->pop() - $b);
                break;
            case 12: $b = $this->pop();
                $a = $this->pop();
                $this->push(0.0 === $b ? 0.0 : $a / $b);
                break;
            case 14: $this->push(-$this->pop());
                break;
            case 18: $this->pop();
                break;
            case 24: $b = $this->pop();
                $this->push($this->pop() * $b);
                break;
            case 26: $this->push(\sqrt(\max(0.0, $this->pop())));
                break;
            case 27: $a = $this->pop();
                $this->push($a);
                $this->push($a);
                break;
            case 28: $b = $this->pop();
                $a = $this->pop();
                $this->push($b);
                $this->push($a);
                break;
            default:
                throw FontException::badTable('CFF ', 'a glyph calculates in a way that no font should');
        }
    }

    /** @param list<float> $s */
    private function curves(array $s, int $from, int $to): void
    {
        for ($i = $from; $i + 5 < $to; $i += 6) {
            $this->curveTo($s[$i], $s[$i + 1], $s[$i + 2], $s[$i + 3], $s[$i + 4], $s[$i + 5]);
        }
    }

    private function moveTo(float $dx, float $dy): void
    {
        $this->builder->moveTo($this->x += $dx, $this->y += $dy);
    }

    private function lineTo(float $dx, float $dy): void
    {
        $this->builder->lineTo($this->x += $dx, $this->y += $dy);
    }

    private function curveTo(float $dx1, float $dy1, float $dx2, float $dy2, float $dx3, float $dy3): void
    {
        $x1 = $this->x + $dx1;
        $y1 = $this->y + $dy1;
        $x2 = $x1 + $dx2;
        $y2 = $y1 + $dy2;
        $this->builder->cubicTo($x1, $y1, $x2, $y2, $this->x = $x2 + $dx3, $this->y = $y2 + $dy3);
    }
}
