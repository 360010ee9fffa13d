<?php

declare(strict_types=1);

it('prints every paper to scale, in its language, in the page’s own typeface', function (string $paper): void {
    $shoot = $this->demo();
    $pdf = (string) $this->get("/shoots/$shoot->id/$paper")->assertOk()->getContent();
    preg_match_all('~startxref\s+(\d+)~', $pdf, $tables);

    expect($pdf)->toContain('/Lang (en)')->toContain('/PrintScaling /None')->toContain('/Title')->toContain('AtkinsonHyperlegibleNext')
        // The last table of contents stands where the file says, and names the catalog that it follows.
        ->and(substr($pdf, (int) end($tables[1]), 4))->toBe('xref')
        ->and(preg_match('~/Root (\d+) 0 R.*/Prev '.$tables[1][0].'~s', substr($pdf, (int) end($tables[1])), $root))->toBe(1)
        ->and(preg_match('~xref\n(\d+) 1\n(\d{10})~', substr($pdf, (int) end($tables[1])), $entry))->toBe(1)
        ->and(substr($pdf, (int) $entry[2], strlen("$root[1] 0 obj")))->toBe("$root[1] 0 obj");
})->with(['sheet.pdf', 'sound.pdf?stage=sound', 'sheet.pdf?place=duo', 'call.pdf?stage=rundown', 'cards.pdf?stage=rundown']);

it('prints on Letter where people measure in feet', function (string $units, string $box): void {
    $shoot = $this->demo();
    $pdf = (string) $this->withCookie('units', $units)->get("/shoots/$shoot->id/sound.pdf?stage=sound")->getContent();

    expect(str_contains($pdf, $box))->toBeTrue();
})->with([['metric', '/MediaBox [0.000 0.000 595'], ['imperial', '/MediaBox [0.000 0.000 612']]);

it('tells for each lamp its fixture, what is before it and its colour; and sums up what holds by stage', function (): void {
    $shoot = $this->demo();
    $html = app(App\Papers\SetupSheet::class)->html(
        app(App\Http\Controllers\Desk::class)->workspace(request()->merge([]), $shoot, mends: false),
        App\Papers\Paper::A4,
    );

    expect($html)
        ->toContain('Soft panel 0.6 × 0.3 m → Grid, to 25° aside')
        ->toContain('5600 K')
        ->toMatch('/Cameras<\/th><td>\d+ checks hold/')
        ->and(substr_count($html, 'checks hold'))->toBeLessThan(12);
});

it('letters its drawings in its own face, and keeps them within their frames', function (): void {
    $shoot = $this->demo();
    $html = app(App\Papers\SetupSheet::class)->html(
        app(App\Http\Controllers\Desk::class)->workspace(request()->merge([]), $shoot, mends: false),
        App\Papers\Paper::A4,
        '/face/regular',
    );
    preg_match_all('~data:image/svg\+xml;base64,([^"]+)~', $html, $found);
    [$floor, $frame] = array_map(base64_decode(...), $found[1]);
    preg_match_all('~<path fill="[^"]+" stroke="[^"]+" d="([^"]+)"~', $frame, $paths);
    preg_match_all('~[ML](-?[\d.]+) ~', implode(' ', $paths[1]), $across);

    expect($floor)->toContain('font-family="/face/regular"')->and($frame)->toContain('font-family="/face/regular"')
        ->and(min(array_map(floatval(...), $across[1])))
        ->toBeGreaterThanOrEqual(0.0)
        ->and(max(array_map(floatval(...), $across[1])))
        ->toBeLessThanOrEqual(480.0);
});

it('sums rows up as people say them', function (): void {
    $shoot = $this->demo();

    $this->get("/shoots/$shoot->id/sound?look=radio")->assertSee('470–518 MHz in steps of 25 kHz, set to 470.225');
});
