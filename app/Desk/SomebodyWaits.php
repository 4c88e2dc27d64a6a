<?php

declare(strict_types=1);

namespace App\Desk;

/** Somebody has a question while a desk goes ahead: what it does ahead can wait. */
final class SomebodyWaits extends \RuntimeException
{
}
