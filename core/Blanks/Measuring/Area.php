<?php

declare(strict_types=1);

namespace Uvret\Blanks\Measuring;

/** A usual area of a kind of blank, computed from its measures. Lengths are in µm, rounded to millimetres. */
final readonly class Area
{
    /** @param array{edge: string, distance: int} $from */
    private function __construct(
        private string $id,
        private string $name,
        private int $width,
        private int $height,
        private int $across,
        private int $down,
        private array $from,
        private ?int $brim = null,
        private ?int $crown = null,
    ) {
    }

    /** By the offsets of its centre (right) and top (down) from the measuring point. */
    public static function at(string $id, string $name, float $width, float $height, float $down, string $from, float $across = 0.0): self
    {
        return new self(
            id: $id,
            name: $name,
            width: self::rounded(\max(10_000, $width)),
            height: self::rounded(\max(10_000, $height)),
            across: self::rounded($across),
            down: self::rounded($down),
            from: ['edge' => $from, 'distance' => self::rounded(\abs($down))],
        );
    }

    /** The same, measured from its lower edge up. */
    public function over(string $edge): self
    {
        return new self(
            id: $this->id,
            name: $this->name,
            width: $this->width,
            height: $this->height,
            across: $this->across,
            down: $this->down,
            from: ['edge' => $edge, 'distance' => \max(0, -$this->down - $this->height)],
        );
    }

    /** The front half of a brim, from the widths of brim and crown. */
    public static function onBrim(int $brim, int $crown, int $inset): self
    {
        return new self(
            id: 'front',
            name: 'Front of the brim',
            width: $brim,
            height: \intdiv($brim, 2),
            across: 0,
            down: 0,
            from: ['edge' => 'brim', 'distance' => $inset],
            brim: \intdiv($brim, 2),
            crown: \intdiv($crown, 2),
        );
    }

    /** @return array<string, mixed> as a blank's document has it */
    public function document(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'width' => $this->width,
            'height' => $this->height,
            'across' => $this->across,
            'down' => $this->down,
            'from' => [$this->from],
        ] + (null === $this->brim ? [] : ['brim' => ['edge' => $this->brim, 'crown' => $this->crown]]);
    }

    private static function rounded(float $length): int
    {
        return 1_000 * (int) \round($length / 1_000);
    }
}
