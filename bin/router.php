<?php

declare(strict_types=1);

// The built-in server's way in: files of public/ are sent compressed, and not again while they are the same; all else is the application's.
$public = (string) getcwd();
$path = urldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = realpath($public.$path);
$types = ['js' => 'text/javascript; charset=utf-8', 'css' => 'text/css; charset=utf-8', 'svg' => 'image/svg+xml', 'csv' => 'text/csv; charset=utf-8', 'woff2' => 'font/woff2', 'ttf' => 'font/ttf', 'txt' => 'text/plain; charset=utf-8', 'webmanifest' => 'application/manifest+json'];
$type = $types[pathinfo($path, PATHINFO_EXTENSION)] ?? null;

if ($type === null || $file === false || ! is_file($file) || ! str_starts_with($file, $public.DIRECTORY_SEPARATOR) || ! in_array($_SERVER['REQUEST_METHOD'], ['GET', 'HEAD'], true)) {
    $_SERVER['SCRIPT_NAME'] = '/index.php';
    $_SERVER['SCRIPT_FILENAME'] = $public.'/index.php';
    require $public.'/index.php';

    return;
}

$isPacked = str_contains((string) ($_SERVER['HTTP_ACCEPT_ENCODING'] ?? ''), 'gzip') && is_file("$file.gz") && filemtime("$file.gz") >= filemtime($file);
$etag = '"'.dechex((int) filemtime($file)).'-'.dechex((int) filesize($file)).($isPacked ? '-gz' : '').'"';
header("Content-Type: $type");
header('X-Content-Type-Options: nosniff');
header("ETag: $etag");
header('Vary: Accept-Encoding');
// Fonts never change under their name; what does is asked for again, and mostly answered by "as you have it".
header('Cache-Control: '.(str_contains($path, '/fonts/') ? 'public, max-age=31536000, immutable' : 'public, no-cache'));
if (trim((string) ($_SERVER['HTTP_IF_NONE_MATCH'] ?? '')) === $etag) {
    http_response_code(304);

    return;
}
$sent = $isPacked ? "$file.gz" : $file;
$isPacked && header('Content-Encoding: gzip');
header('Content-Length: '.filesize($sent));
if ($_SERVER['REQUEST_METHOD'] === 'GET') {
    readfile($sent);
}
