<?php

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Browser\BrowserTestCase;
use Tests\TestCase;

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature');
pest()->extend(BrowserTestCase::class)->in('Browser');
