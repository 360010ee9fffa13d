<?php

declare(strict_types=1);

use App\Models\Shoot;

beforeEach(function (): void {
    $this->seed();
    $this->shoot = Shoot::query()->firstOrFail();
});

it('lists pages that open, for every setup', function (): void {
    $list = $this->getJson("/shoots/{$this->shoot->id}/pack.json")->assertOk()->json();
    expect($list['version'])->toBe($this->shoot->version)
        ->and(count($list['pages']))->toBeGreaterThan(40);
    foreach ([0, 1, 10, 25, count($list['pages']) - 1] as $i) {
        $this->get($list['pages'][$i]['url'])->assertOk();
    }
});

it('is one file that needs nothing else', function (): void {
    $file = $this->get("/shoots/{$this->shoot->id}/pack.html")->assertOk()->assertHeader('Content-Type', 'text/html; charset=utf-8');
    $html = (string) $file->getContent();
    expect($html)->toContain('The duo')->toContain('Hearth wall')->toContain('Cautions')
        ->and(preg_match('#(src|href)="(?!data:image|\#)#', $html))->toBe(0)
        ->and($html)->not->toContain('<script');
});
