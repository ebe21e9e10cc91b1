<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;

/** The cutter and the film in it. Lengths are in µm. */
#[OA\Schema(schema: 'LoadedCutter', required: ['state', 'film', 'filmName', 'width', 'left', 'side', 'blade', 'offset'])]
final readonly class LoadedCutter
{
    public function __construct(
        #[OA\Property(enum: ['ready', 'cutting', 'held', 'jammed', 'out of film'])]
        public string $state,
        #[OA\Property(description: 'Id of the loaded film.')]
        public string $film,
        #[OA\Property]
        public string $filmName,
        #[OA\Property]
        public int $width,
        #[OA\Property(description: 'Length of film left.')]
        public int $left,
        #[OA\Property(description: 'Which side is up.', enum: ['carrier down', 'carrier up'])]
        public string $side,
        #[OA\Property(description: 'Blade angle in degrees.')]
        public int $blade,
        #[OA\Property(description: 'Blade offset.')]
        public int $offset,
    ) {
    }

    /** @param array<mixed> $state of the panel, in mm */
    public static function of(array $state): self
    {
        $film = \is_array($state['film'] ?? null) ? $state['film'] : [];
        $blade = \is_array($state['blade'] ?? null) ? $state['blade'] : [];
        $text = static fn (mixed $value): string => \is_scalar($value) ? (string) $value : '';
        $length = static fn (mixed $value): int => \is_numeric($value) ? (int) \round(1_000 * (float) $value) : 0;

        return new self(
            state: $text($state['state'] ?? ''),
            film: $text($film['id'] ?? ''),
            filmName: $text($film['name'] ?? ''),
            width: $length($film['width'] ?? 0),
            left: $length($film['left'] ?? 0),
            side: $text($film['side'] ?? ''),
            blade: \intdiv($length($blade['angle'] ?? 0), 1_000),
            offset: $length($blade['offset'] ?? 0),
        );
    }
}
