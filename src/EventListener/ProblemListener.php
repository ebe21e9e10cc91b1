<?php

declare(strict_types=1);

namespace Uvret\App\EventListener;

use Doctrine\ORM\OptimisticLockException;
use Monolog\Attribute\WithMonologChannel;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Uvret\App\Api\Shape\BadRequest;
use Uvret\App\Api\Shape\Problem;
use Uvret\App\Proof\PrintingException;
use Uvret\Design\DesignException;
use Uvret\Parcel\ParcelException;
use Uvret\Roster\RosterException;
use Uvret\Type\FontException;

/** Turns exceptions into problems that say what to do, and logs server errors. */
#[AsEventListener]
#[WithMonologChannel('uvret')]
final readonly class ProblemListener
{
    public function __construct(private LoggerInterface $logger)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        $e = $event->getThrowable();
        $trouble = StorageTrouble::behind($e);
        [$status, $problem] = match (true) {
            null !== $trouble => [503, new Problem('Not saved', $trouble->advice())],
            $e instanceof DesignException => [422, new Problem('The design cannot be read', $e->getMessage(), $e->path)],
            $e instanceof BadRequest => ['' === $e->path ? 400 : 422, new Problem('Not understood', $e->getMessage(), $e->path)],
            $e instanceof OptimisticLockException => [
                409,
                new Problem(
                    'Changed elsewhere',
                    'It was changed in another window. Open it again to see that; what you typed here is still on this page.',
                ),
            ],
            $e instanceof ParcelException, $e instanceof FontException, $e instanceof RosterException => [422, new Problem('Not taken in', $e->getMessage())],
            $e instanceof PrintingException => [503, new Problem('Not possible now', $e->getMessage())],
            $e instanceof HttpExceptionInterface => [
                $e->getStatusCode(),
                new Problem(404 === $e->getStatusCode() ? 'Not found' : 'Not possible', $e->getMessage()),
            ],
            default => [
                500,
                new Problem(
                    'Something went wrong in the server',
                    'Nothing was lost: what was saved before is still there. Try again; if it happens again, look into the log (bin/console uvret:log).',
                ),
            ],
        };
        if ($status >= 500) {
            $this->note($event->getRequest(), $status, $e);
        }
        $event->setResponse(new JsonResponse($problem, $status, ['Content-Type' => 'application/problem+json']));
    }

    private function note(Request $request, int $status, \Throwable $e): void
    {
        $cause = $e;
        while (null !== $cause->getPrevious()) {
            $cause = $cause->getPrevious();
        }
        // The full disk may be the log's.
        try {
            $asked = $request->getMethod().' '.$request->getRequestUri();
            $this->logger->error(\sprintf(
                '%s answered %d: %s: %s at %s:%d',
                $asked,
                $status,
                $cause::class,
                $cause->getMessage(),
                $cause->getFile(),
                $cause->getLine(),
            ));
        } catch (\Throwable) {
        }
    }
}
