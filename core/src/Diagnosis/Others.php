<?php

declare(strict_types=1);

namespace Levin\Core\Diagnosis;

use Levin\Core\Operation\Model;
use Levin\Core\Parts\Faults;

/** What those go through that are only thought of for a while, two causes at once say: for as long as the one who is asked is at hand. */
final class Others
{
    public readonly Gallery $gallery;

    /** @var array<string, Passages> by what is in force */
    private array $passages = [];

    public function __construct(Gallery $beside)
    {
        $this->gallery = new Gallery($beside);
    }

    /** @param  \Closure(Painter): Passages  $tell */
    public function passages(Model $model, Faults $faults, \Closure $tell): Passages
    {
        // a painter of its own: what one goes through does not hang on who was thought of before
        return $this->passages[implode(' + ', $faults->ids())] ??= $tell(new Painter($model, $this->gallery));
    }
}
