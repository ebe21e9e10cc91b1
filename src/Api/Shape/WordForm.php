<?php

declare(strict_types=1);

namespace Uvret\App\Api\Shape;

use OpenApi\Attributes as OA;
use Uvret\Compose\LetterForm;
use Uvret\Geometry\Box;
use Uvret\Geometry\SvgPath;

/** An alternate of one letter, shown in its word. */
#[OA\Schema(schema: 'WordForm', required: ['features', 'path', 'width', 'height', 'left', 'top'])]
final readonly class WordForm
{
    /**
     * @param list<string> $features
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $features,
        #[OA\Property(description: 'SVG path data, y down.')]
        public string $path,
        #[OA\Property]
        public int $width,
        #[OA\Property]
        public int $height,
        #[OA\Property]
        public int $left,
        #[OA\Property]
        public int $top,
    ) {
    }

    public static function of(LetterForm $form): self
    {
        $box = $form->word->bounds() ?? new Box(0, 0, 1, 1);

        return new self($form->features, SvgPath::inMicrometres($form->word, 0, 0), $box->width(), $box->height(), $box->left, -$box->top);
    }
}
