<?php

declare(strict_types=1);

use Uvret\App\Kernel;

// PHP's own web server asks this file for everything: what lies in public/ it serves itself.
$address = $_SERVER['REQUEST_URI'] ?? '/';
$path = is_string($address) ? parse_url($address, \PHP_URL_PATH) : null;
if ('cli-server' === \PHP_SAPI && is_string($path) && '/' !== $path && !str_contains($path, '..') && is_file(__DIR__.$path)) {
    // What is built has its content's mark in its name, so whoever has it need not ask for it again.
    $kind = ['css' => 'text/css', 'js' => 'text/javascript', 'woff2' => 'font/woff2'][pathinfo($path, \PATHINFO_EXTENSION)] ?? null;
    if (null === $kind || !str_starts_with($path, '/app/assets/')) {
        return false;
    }
    header("Content-Type: $kind");
    header('Cache-Control: public, max-age=31536000, immutable');
    readfile(__DIR__.$path);

    return true;
}
$_SERVER['SCRIPT_NAME'] = '/index.php';
$_SERVER['SCRIPT_FILENAME'] = __FILE__;

// PHP's own web server keeps the environment out of $_SERVER, where the settings are looked for.
foreach (['APP_ENV', 'APP_DEBUG', 'UVRET_DATABASE', 'UVRET_FONTS', 'UVRET_LOG', 'UVRET_CUTS', 'UVRET_LAYOUTS', 'UVRET_CUTTER', 'UVRET_CUTTER_PANEL'] as $name) {
    $value = getenv($name);
    if (false !== $value) {
        $_SERVER[$name] = $value;
    }
}

require_once dirname(__DIR__).'/vendor/autoload_runtime.php';

return static function (array $context): Kernel {
    $environment = $context['APP_ENV'] ?? null;

    return new Kernel(is_string($environment) ? $environment : 'prod', (bool) ($context['APP_DEBUG'] ?? false));
};
