<?php

declare(strict_types=1);

use Uvret\App\Kernel;

// PHP's own web server asks this file for everything: what lies in public/ it serves itself.
$path = parse_url($_SERVER['REQUEST_URI'] ?? '/', \PHP_URL_PATH);
if ('cli-server' === \PHP_SAPI && is_string($path) && '/' !== $path && !str_contains($path, '..') && is_file(__DIR__.$path)) {
    return false;
}
$_SERVER['SCRIPT_NAME'] = '/index.php';
$_SERVER['SCRIPT_FILENAME'] = __FILE__;

require_once dirname(__DIR__).'/vendor/autoload_runtime.php';

return static fn (array $context): Kernel => new Kernel((string) $context['APP_ENV'], (bool) $context['APP_DEBUG']);
