<?php

declare(strict_types=1);

require dirname(__DIR__).'/vendor/autoload.php';

// Tests of the server need the tables, also where they are run by hand.
if (!is_file(__DIR__.'/../var/test.sqlite')) {
    exec(escapeshellarg(__DIR__.'/../bin/console').' doctrine:migrations:migrate --no-interaction --quiet 2>&1', $said, $status);
    if (0 !== $status) {
        throw new RuntimeException("The database of the tests can't be made: ".implode("\n", $said));
    }
}
