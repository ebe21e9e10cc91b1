<?php

declare(strict_types=1);

namespace Uvret\App\EventListener;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * Refuses requests that another site sent: a page elsewhere must not drive the shop's server.
 *
 * The Host must be this machine's own name, which stops names that were pointed here from outside;
 * an Origin, which browsers send along, must be the page that this server itself served.
 */
#[AsEventListener(priority: 1024)]
final readonly class LocalOnly
{
    private const HOSTS = ['127.0.0.1', 'localhost', '[::1]'];

    public function __invoke(RequestEvent $event): void
    {
        $headers = $event->getRequest()->headers;
        $host = (string) $headers->get('Host');
        $origin = $headers->get('Origin');
        $own = \in_array(\preg_replace('/:\d+$/', '', $host), self::HOSTS, true);
        $same = null === $origin || $origin === 'http://'.$host;
        $site = $headers->get('Sec-Fetch-Site');
        $asked = null === $site
            || \in_array($site, ['same-origin', 'none'], true)
            || ('GET' === $event->getRequest()->getMethod() && 'navigate' === $headers->get('Sec-Fetch-Mode'));
        if (!$own || !$same || !$asked) {
            $event->setResponse(new JsonResponse(['title' => 'Refused', 'detail' => 'Uvret answers only to its own pages on this machine.'], 403));
        }
    }
}
