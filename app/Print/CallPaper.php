<?php

declare(strict_types=1);

namespace App\Print;

use App\Calls\Call;
use App\Calls\Judging;
use App\Photos\PhotoShelf;
use App\Shop\ShopZone;
use Carbon\CarbonImmutable;
use Levin\Core\Ladder\Layout;
use Levin\Core\Ladder\Svg;
use Levin\Core\Meter\Display;
use Levin\Core\Meter\MeterFunction;
use Levin\Core\Record\Report\Report;
use Levin\Core\Record\Rung\Visit;
use Levin\Core\Record\SwapList;

/** The papers of a call: the report, the note for the unit's door, the tag of what is left off. */
final readonly class CallPaper
{
    /** So many rungs of the finding are drawn: of a part with many poles the first say it. */
    private const RUNGS = 2;

    public function __construct(private Judging $judging, private Paper $paper, private PhotoShelf $photos)
    {
    }

    public function report(Call $call): string
    {
        $visit = $this->judging->visit($call);

        return $this->paper->print('print.report', [
            ...$this->about($call, $visit),
            'rungs' => $this->rungs($visit),
            'picture' => fn (string $photo): ?string => $this->photos->has($photo)
                ? 'data:image/jpeg;base64,'.base64_encode((string) file_get_contents($this->photos->path($photo)))
                : null,
            'amps' => static fn (?float $amps): string => $amps === null ? '–' : Display::format(MeterFunction::Amps, $amps),
        ]);
    }

    public function doorNote(Call $call): string
    {
        return $this->paper->print('print.door-note', $this->about($call, $this->judging->visit($call)));
    }

    /** @throws NothingLeft for a unit that is not left off in any way */
    public function tag(Call $call): string
    {
        $about = $this->about($call, $this->judging->visit($call));

        return $about['report']->left() === null ? throw NothingLeft::on($call->number) : $this->paper->print('print.tag', $about);
    }

    /** The wires of a part, to tick by hand. */
    public function swapList(Call $call, SwapList $list): string
    {
        return $this->paper->print('print.swap-list', [...$this->about($call, $this->judging->visit($call)), 'list' => $list]);
    }

    /** @return array{call: Call, shop: string, report: Report, when: \Closure(?float): string, day: string} */
    private function about(Call $call, Visit $visit): array
    {
        $zone = ShopZone::here();

        return [
            'call' => $call->loadMissing(['unit.site', 'technician']),
            'shop' => config()->string('levin.shop'),
            'report' => new Report($visit),
            'when' => static fn (?float $at): string => $at === null
                ? ''
                : CarbonImmutable::createFromTimestamp($at)->setTimezone($zone)->format('H:i'),
            'day' => $call->scheduled_for->toImmutable()->setTimezone($zone)->isoFormat('dddd, D MMMM YYYY'),
        ];
    }

    /** @return list<string> as addresses of pictures */
    private function rungs(Visit $visit): array
    {
        $rungs = Svg::rungs(new Layout($visit->model), $visit->model->circuit, $visit->faulted());

        return array_map(Paper::picture(...), array_slice($rungs, 0, self::RUNGS));
    }
}
