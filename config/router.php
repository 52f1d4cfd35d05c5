<?php

declare(strict_types=1);

/** Routes for PHP's own server: files of public/ as they are, everything else to the application. */
$path = rawurldecode((string) parse_url(is_string($_SERVER['REQUEST_URI'] ?? null) ? $_SERVER['REQUEST_URI'] : '/', \PHP_URL_PATH));
if ('/' !== $path && is_file(dirname(__DIR__).'/public'.$path)) {
    return false;
}
$_SERVER['SCRIPT_NAME'] = '/index.php';
$_SERVER['SCRIPT_FILENAME'] = dirname(__DIR__).'/public/index.php';

require dirname(__DIR__).'/public/index.php';
