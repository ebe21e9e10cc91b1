<?php

declare(strict_types=1);

namespace Uvret\App\Api;

use OpenApi\Attributes as OA;

/** General part of the OpenAPI description. */
#[OA\OpenApi(openapi: '3.1.0')]
#[OA\Info(title: 'Uvret', version: '1', description: 'The interface between the Bench and the server. Lengths are whole micrometres.')]
final class Api
{
}
