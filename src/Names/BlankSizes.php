<?php

declare(strict_types=1);

namespace Uvret\App\Names;

use Doctrine\ORM\EntityManagerInterface;
use Uvret\App\Entity\ShopBlank;
use Uvret\Design\SizeSet;

/** The shop's sizes of the designs' blanks. */
final readonly class BlankSizes
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** @param \stdClass $document a design's, complete */
    public function of(\stdClass $document): SizeSet
    {
        $id = $document->blank instanceof \stdClass ? $document->blank->id : null;
        $entry = \is_string($id) ? $this->entities->find(ShopBlank::class, $id) : null;
        $blank = null === $entry ? null : \json_decode($entry->blank, false, 64, \JSON_THROW_ON_ERROR);

        return $blank instanceof \stdClass ? SizeSet::of($blank) : SizeSet::none();
    }
}
