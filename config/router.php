<?php

declare(strict_types=1);

/**
 * Routes for PHP's own server: what bin/build-assets has made, compressed and for a year, since its address carries its
 * hash; other files of public/ as they are; everything else to the application.
 */
$path = rawurldecode((string) parse_url(is_string($_SERVER['REQUEST_URI'] ?? null) ? $_SERVER['REQUEST_URI'] : '/', \PHP_URL_PATH));
$file = dirname(__DIR__).'/public'.$path;
if (1 === preg_match('~^/(?:build/[\w.-]+|worker)\.(css|js|svg|woff2|webmanifest)$~', $path, $found) && is_file($file)) {
    $types = [
        'css' => 'text/css', 'js' => 'text/javascript', 'svg' => 'image/svg+xml', 'woff2' => 'font/woff2',
        'webmanifest' => 'application/manifest+json',
    ];
    $accepts = $_SERVER['HTTP_ACCEPT_ENCODING'] ?? '';
    header('Content-Type: '.$types[$found[1]]);
    header('Cache-Control: '.('/worker.js' === $path ? 'no-cache' : 'public, max-age=31536000, immutable'));
    header('X-Content-Type-Options: nosniff');
    // It is compressed already, or small.
    ini_set('zlib.output_compression', '0');
    if (is_file($file.'.gz') && is_string($accepts) && str_contains($accepts, 'gzip')) {
        header('Content-Encoding: gzip');
        header('Vary: Accept-Encoding');
        $file .= '.gz';
    }
    readfile($file);

    return true;
}
if ('/' !== $path && is_file($file)) {
    return false;
}
$_SERVER['SCRIPT_NAME'] = '/index.php';
$_SERVER['SCRIPT_FILENAME'] = dirname(__DIR__).'/public/index.php';

require dirname(__DIR__).'/public/index.php';
