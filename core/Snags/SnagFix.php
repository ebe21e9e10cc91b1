<?php

declare(strict_types=1);

namespace Uvret\Snags;

/** A one-click change of a card or the blank that cures a snag. */
final readonly class SnagFix
{
    /**
     * @param int|null    $letterHeight new cap height, in µm; null to keep it
     * @param int|null    $spacing      new letter spacing, in thousandths of the em; null to keep it
     * @param int|null    $heft         new heft, in µm; null to keep it
     * @param string|null $islands      new treatment of islands; null to keep it
     * @param string|null $into         card to set it into, if any
     * @param string|null $above        card to bring it in front of, if any
     * @param string|null $crosses      keep-off place to allow, if any
     * @param bool        $settles      whether to accept the new look of an older design
     */
    public function __construct(
        public string $say,
        public ?int $letterHeight = null,
        public ?int $spacing = null,
        public ?int $heft = null,
        public ?string $islands = null,
        public ?string $into = null,
        public ?string $above = null,
        public ?string $crosses = null,
        public bool $settles = false,
    ) {
    }
}
