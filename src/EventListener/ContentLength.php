<?php

declare(strict_types=1);

namespace Uvret\App\EventListener;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** Sets Content-Length on every response, so that truncated ones are detected. */
#[AsEventListener(priority: -1024)]
final readonly class ContentLength
{
    public function __invoke(ResponseEvent $event): void
    {
        $content = $event->getResponse()->getContent();
        if (false !== $content) {
            $event->getResponse()->headers->set('Content-Length', (string) \strlen($content));
        }
    }
}
