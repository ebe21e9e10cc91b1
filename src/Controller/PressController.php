<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Uvret\App\Press\PressCards;
use Uvret\App\Proof\Printing;
use Uvret\App\Repository\JobDesigns;

/** What is needed at the press. */
final readonly class PressController
{
    /** The press card of a design, as A4 or, with paper=letter, US letter. */
    #[Route('/api/designs/{id}/press-card.{format}', requirements: ['format' => 'pdf|png'], methods: 'GET')]
    public function card(string $id, string $format, Request $request, JobDesigns $designs, PressCards $cards, Printing $printing): Response
    {
        $pages = $cards->pages($designs->get($id), 'letter' === $request->query->getString('paper'));
        $file = 'pdf' === $format ? $printing->pdf(...$pages) : $printing->png($pages[0], \min(3000, \max(200, $request->query->getInt('width', 1240))));

        return new Response($file, 200, [
            'Content-Type' => 'pdf' === $format ? 'application/pdf' : 'image/png',
            'Content-Disposition' => "inline; filename=\"$id-press-card.$format\"",
            'Cache-Control' => 'no-store',
        ]);
    }
}
