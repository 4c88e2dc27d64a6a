<?php

use App\Calls\Call;
use App\Circuits\CircuitRevision;
use App\Circuits\CircuitShelf;
use App\Shop\User;
use Illuminate\Support\Facades\Config;
use Levin\Core\Ladder\Layout;
use Smalot\PdfParser\Document;
use Smalot\PdfParser\Parser;
use Tests\Support\Demo;

// The papers of a call, read back out of the PDF by a reader that is not Levin's.

beforeEach(function (): void {
    $this->actingAs(User::query()->firstWhere('email', 'oda@ternsound.example'));
    $this->paper = function (Call $call, string $name): Document {
        $answer = $this->get("/api/calls/$call->id/$name.pdf")->assertOk();
        expect($answer->headers->get('Content-Type'))->toBe('application/pdf');

        return (new Parser)->parseContent($answer->getContent());
    };
    $this->words = fn (Document $pdf): string => (string) preg_replace('/\s+/', ' ', $pdf->getText());
});

it('prints the report of a closed call on one page, with the finding, the readings and what each load draws', function (): void {
    $call = Demo::closedCall('Oven-room cooling unit');
    $pdf = ($this->paper)($call, 'report');
    $words = ($this->words)($pdf);
    expect($pdf->getPages())->toHaveCount(1);
    $all = ['Oven-room cooling unit', 'Line fuse 2: blown', "Call $call->number", 'Compressor', 'Current good', 'Oda Brandvold'];
    foreach ($all as $said) {
        expect($words)->toContain($said);
    }
    expect($words)->toContain('FU2.1')->toContain('Thank you; go ahead.')->toContain('licensed practice come first');
});

it('prints what is left off: in the report, on the note and on the tag', function (): void {
    $call = Call::query()->whereNotNull('left_how')->firstOrFail();
    foreach (['report', 'note', 'tag'] as $name) {
        expect(($this->words)(($this->paper)($call, $name)))->toContain('cooling')->toContain('Disconnect');
    }
    expect(($this->words)(($this->paper)($call, 'tag')))->toContain('DO NOT SWITCH ON');
});

it('has no tag where nothing is left off, and says what to do', function (): void {
    $call = Demo::closedCall('Oven-room cooling unit');
    $this->getJson("/api/calls/$call->id/tag.pdf")->assertUnprocessable()->assertSee('Say at Repair how the unit is left');
});

it('prints on the paper of the shop', function (string $paper, float $wide): void {
    Config::set('levin.paper', $paper);
    $box = ($this->paper)(Demo::closedCall('Oven-room cooling unit'), 'note')->getPages()[0]->getDetails()['MediaBox'];
    expect((float) $box[2])->toEqualWithDelta($wide, 0.5);
})->with(['ANSI/ASME Y14.1, from memory' => ['letter', 612.0], 'ISO 216, from memory' => ['a4', 595.28]]);

it('prints a call of which nothing is known yet', function (): void {
    expect(($this->words)(($this->paper)(Demo::call('Bait freezer'), 'report')))->toContain('Bait freezer');
});

it('prints what somebody typed as words and runs none of it', function (): void {
    $call = Demo::call('Oven-room cooling unit');
    $call->unit->site->update(['name' => '<b>Bakery</b> & <script>alert(1)</script>']);
    expect(($this->words)(($this->paper)($call->fresh(), 'report')))->toContain('<b>Bakery</b> & <script>');
});

it('prints a circuit rung by rung, on the paper of the shop', function (string $paper, array $size): void {
    Config::set('levin.paper', $paper);
    $revision = CircuitRevision::query()->where('circuit_id', 'rooftop-460')->firstOrFail();
    $answer = $this->get("/api/revisions/$revision->id/diagram.pdf")->assertOk();
    $pdf = (new Parser)->parseContent($answer->getContent());
    $rungs = (new Layout(app(CircuitShelf::class)->model($revision)))->closeups(0.0);
    $words = ($this->words)($pdf);
    foreach ($rungs as $rung) {
        expect($words)->toContain("Rung $rung->number");
    }
    // what is drawn is written, not painted
    foreach ($pdf->getPages() as $page) {
        expect(array_map(intval(...), array_slice($page->getDetails()['MediaBox'], 2)))->toBe($size);
    }
    expect($words)->toContain('COMP1')->toContain('three-phase')->toContain('PL1')->toContain('revision 1')
        ->and(count($pdf->getPages()))->toBeLessThan(count($rungs) / 2);
})->with([['letter', [792, 612]], ['a4', [841, 595]]]);
