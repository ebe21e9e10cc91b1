<?php

declare(strict_types=1);

namespace Uvret\App\Controller;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** The page of the interface; routing happens in the browser. */
final readonly class PageController
{
    public function __construct(#[Autowire('%kernel.project_dir%/public/app/index.html')] private string $page)
    {
    }

    #[Route('/{address}', requirements: ['address' => '(?!api/|app/).*'], methods: 'GET', priority: -10)]
    public function __invoke(): Response
    {
        if (!\is_file($this->page)) {
            throw new NotFoundHttpException('The interface is not built yet: run bin/start.');
        }

        return new Response((string) \file_get_contents($this->page), 200, [
            'Content-Type' => 'text/html; charset=UTF-8',
            'Cache-Control' => 'no-cache',
            'Content-Security-Policy' => "default-src 'self'; img-src 'self' data: blob:; style-src 'self' 'unsafe-inline'; frame-ancestors 'none'",
        ]);
    }
}
