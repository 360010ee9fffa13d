<?php

declare(strict_types=1);

/*
 * The arrows of docs/ARCHITECTURE.md, each as what a folder may use. `toOnlyUse` also catches framework helpers.
 */
$base = ['FineFrame\FineFrameException', 'FineFrame\Measure', 'FineFrame\Geometry'];
$parts = [...$base, 'FineFrame\Document'];
$modules = [
    ...$parts, 'FineFrame\Space', 'FineFrame\Staging', 'FineFrame\Camera', 'FineFrame\Light', 'FineFrame\Sound',
    'FineFrame\Grip', 'FineFrame\Sun', 'FineFrame\Scout', 'FineFrame\Power', 'FineFrame\Rundown', 'FineFrame\Pack', 'FineFrame\Photo',
];

arch('measure stands alone')->expect('FineFrame\Measure')->toOnlyUse(['FineFrame\FineFrameException']);
arch('geometry stands alone')->expect('FineFrame\Geometry')->toOnlyUse([]);
arch('documents know quantities')->expect('FineFrame\Document')->toOnlyUse($base);
arch('space')->expect('FineFrame\Space')->toOnlyUse($parts);
arch('sun')->expect('FineFrame\Sun')->toOnlyUse([...$parts, 'FineFrame\Space']);
arch('staging')->expect('FineFrame\Staging')->toOnlyUse($parts);
arch('grip')->expect('FineFrame\Grip')->toOnlyUse($parts);
arch('camera')->expect('FineFrame\Camera')->toOnlyUse([...$parts, 'FineFrame\Grip']);
arch('light')->expect('FineFrame\Light')->toOnlyUse([...$parts, 'FineFrame\Staging', 'FineFrame\Grip']);
arch('sound')->expect('FineFrame\Sound')->toOnlyUse([...$parts, 'FineFrame\Grip', 'FineFrame\Space']);
arch('power stands alone')->expect('FineFrame\Power')->toOnlyUse(['FineFrame\FineFrameException']);
arch('the rundown stands alone')->expect('FineFrame\Rundown')->toOnlyUse(['FineFrame\FineFrameException']);
arch('photographs stand alone')->expect('FineFrame\Photo')->toOnlyUse(['FineFrame\FineFrameException']);
arch('wrapping up stands alone')->expect('FineFrame\Wrap')->toOnlyUse(['FineFrame\FineFrameException']);
arch('packing stands alone')->expect('FineFrame\Pack')->toOnlyUse(['FineFrame\FineFrameException']);
arch('the log stands alone')->expect('FineFrame\Log')->toOnlyUse(['FineFrame\FineFrameException']);
arch('scout')->expect('FineFrame\Scout')->toOnlyUse($parts);
arch('plan')->expect('FineFrame\Plan')->toOnlyUse($modules);
arch('scene')->expect('FineFrame\Scene')->toOnlyUse([...$modules, 'FineFrame\Plan']);
arch('formats')->expect('FineFrame\Format')->toOnlyUse([...$modules, 'FineFrame\Plan']);
arch('judge')->expect('FineFrame\Judge')->toOnlyUse([...$modules, 'FineFrame\Plan', 'FineFrame\Scene']);
arch('figures')->expect('FineFrame\Figures')->toOnlyUse([...$modules, 'FineFrame\Plan', 'FineFrame\Scene', 'FineFrame\Judge']);
arch('proposals')->expect('FineFrame\Propose')->toOnlyUse([...$modules, 'FineFrame\Plan', 'FineFrame\Scene', 'FineFrame\Judge']);
arch('the whole core uses nothing but itself')->expect('FineFrame')->toOnlyUse(['FineFrame']);
arch('the core is strict')->expect('FineFrame')->toUseStrictTypes()->toUseStrictEquality();
arch('the application is strict')->expect('App')->toUseStrictTypes();
arch('classes of the core are final')
    ->expect('FineFrame')
    ->classes()
    ->toBeFinal()
    ->ignoring(['FineFrame\Judge\Rule', 'FineFrame\Judge\PlaceRule']);
arch('a check is a rule')->expect('FineFrame\Judge\Checks')->toExtend('FineFrame\Judge\Rule');
arch('nothing is left behind')->expect(['dd', 'dump', 'var_dump', 'ray', 'print_r'])->not->toBeUsed();
