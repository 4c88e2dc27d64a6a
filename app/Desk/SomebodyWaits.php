<?php

declare(strict_types=1);

namespace App\Desk;

/** Somebody has a question while a desk goes ahead, or it is given up: what it does ahead is left. */
final class SomebodyWaits extends \RuntimeException
{
}
