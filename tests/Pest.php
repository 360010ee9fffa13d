<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature');

// The calendar’s package is older than PHP’s return types and says so when it is first loaded: that is heard once, here, and no fault of ours.
@class_exists(Sabre\VObject\Component\VCalendar::class);
