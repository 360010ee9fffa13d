<?php

declare(strict_types=1);

/*
 * Bands that wireless sound and picture are usually found in, by region, MHz, as of 2025: to plan by, and no leave to send. What is
 * lawful, with which licence and which power, says the regulator alone: check.
 */
return [
    'Europe' => [[470, 694, 'shared with broadcasting, by licence in most countries'], [823, 832, 'the gap between two mobile bands'], [863, 865, 'free for low power'], [1785, 1805, 'by licence'], [1880, 1900, 'cordless telephones’ band'], [2400, 2483.5, 'free, and crowded'], [5150, 5350, 'free indoors'], [5470, 5725, 'free, with rules'], [5725, 5875, 'low power']],
    'North America' => [[174, 216, 'shared with broadcasting'], [470, 608, 'shared with broadcasting'], [614, 616, 'the guard of a mobile band'], [653, 657, 'by licence'], [657, 663, 'low power'], [902, 928, 'free'], [941.5, 960, 'by licence'], [1920, 1930, 'cordless telephones’ band'], [2400, 2483.5, 'free, and crowded'], [5150, 5350, 'free indoors'], [5470, 5850, 'free, with rules']],
];
