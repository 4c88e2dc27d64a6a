<?php

namespace Tests;

use Illuminate\Foundation\Testing\TestCase as BaseTestCase;

/** Each test starts from the demo data, seeded once and rolled back to after each. */
abstract class TestCase extends BaseTestCase
{
    protected bool $seed = true;
}
