<?php

declare(strict_types=1);

use Symfony\Component\Dotenv\Dotenv;

require dirname(__DIR__).'/vendor/autoload.php';

$_SERVER['APP_ENV'] = $_ENV['APP_ENV'] = 'test';
(new Dotenv())->bootEnv(dirname(__DIR__).'/.env');

// The application's tests stand on the demo data; each takes back what it changed.
if (!is_file(dirname(__DIR__).'/var/data/test.db')) {
    foreach (['cache:clear', 'cache:clear --no-debug', 'doctrine:migrations:migrate --no-interaction', 'jurvex:demo:load'] as $command) {
        passthru('APP_ENV=test php '.escapeshellarg(dirname(__DIR__).'/bin/console').' '.$command.' --quiet', $status);
        0 === $status || exit($status);
    }
}
