<?php

namespace App\Calls;

/** A call file cannot be imported; the message says why and what to do. */
final class UnusableCallFile extends \RuntimeException
{
}
