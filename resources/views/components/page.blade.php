@props(['title' => 'Fine Frame'])
<!DOCTYPE html>
<html lang="en" data-theme="{{ $reader->theme }}" data-units="{{ $reader->units->value }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    @if (request()->hasSession())<meta name="csrf-token" content="{{ csrf_token() }}">@endif
    <meta name="htmx-config" content='{"includeIndicatorStyles":false,"allowEval":false,"historyCacheSize":0,"refreshOnHistoryMiss":true,"responseHandling":[{"code":"204","swap":false},{"code":"[23]..","swap":true},{"code":"409|422","swap":true},{"code":"[45]..","swap":false,"error":true}]}'>
    <title>{{ $title }}</title>
    <link rel="manifest" href="/app.webmanifest">
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    <link rel="preload" href="/build/fonts/next.woff2" as="font" type="font/woff2" crossorigin>
    <link rel="stylesheet" href="/build/app.css">
    <script src="/build/app.js" defer></script>
</head>
<body {{ $attributes }}>
{{ $slot }}
</body>
</html>
