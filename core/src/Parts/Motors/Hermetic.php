<?php

declare(strict_types=1);

namespace Levin\Core\Parts\Motors;

use Levin\Core\Parts\DemandOf;
use Levin\Core\Parts\FaultMode;
use Levin\Core\Parts\Field;
use Levin\Core\Parts\Machines\Load;
use Levin\Core\Parts\Machines\Overload;
use Levin\Core\Parts\Setting;
use Levin\Core\Parts\Sign;

/**
 * What a motor in a compressor's shell has, on one phase or three: a load that hardly depends on speed, little to speed up, an
 * overload slow to reset, and a start against whatever pressure difference is left from the last run.
 */
trait Hermetic
{
    /** @return list<Field> */
    protected static function hermeticFields(): array
    {
        return [
            Field::quantity('against', 'the pressure difference it starts against: 0 equalized, 1 as when it runs'),
            Field::choice('overload', 'where its overload is', ['inside', 'outside']),
            Field::optionalCondition('wetted_by', 'the condition that says water runs over its shell'),
        ];
    }

    public function isHermetic(): bool
    {
        return true;
    }

    protected function loadExponent(): float
    {
        return 0.0;
    }

    protected function turnsWheel(): bool
    {
        return false;
    }

    protected function inertia(): float
    {
        return 0.12;
    }

    protected function overload(): ?Overload
    {
        return $this->part->text('overload') === 'outside' ? null : Overload::inCompressor($this->part->number('fla'));
    }

    /** @return list<FaultMode> */
    protected function ownFaults(): array
    {
        return [
            ...($this->overload() === null ? [] : [
                new FaultMode('overload-open', 'internal overload open (hot)', self::OVERLOAD_WEIGHT, signs: Sign::OVERHEATED),
            ]),
            new FaultMode('seized', 'seized', 1.2),
        ];
    }

    protected function startingLoad(Setting $setting): Load
    {
        $against = $this->part->text('against');
        $running = $this->load($setting);
        $share = $this->breakaway() + ($against === '' ? 0.0 : max(0.0, $setting->quantity($against)) * $running->share);

        return new Load($share, 0.0, $running->ratedSlip, 0.0, $running->inertia);
    }

    protected function isWet(Setting $setting): bool
    {
        $by = $this->part->text('wetted_by');

        return $by !== '' && $setting->isOn($by);
    }

    protected function demandOf(): DemandOf
    {
        return DemandOf::Compressor;
    }
}
