<?php

declare(strict_types=1);

namespace App\Desk;

/** Nobody sits where a question was put, or they could not answer it. */
final class NoDesk extends \RuntimeException
{
}
