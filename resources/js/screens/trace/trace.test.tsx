import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { Inside } from '../../testing/inside';
import { aCondition, anOpenItem, aPart, aSheet, aStanding, aTrace, theSuspects } from '../../testing/shapes';
import { Conditions } from './conditions';
import { FindPoint } from './find-point';
import { ProveDead } from './prove-dead';
import { Seen } from './seen';
import { Suspects } from './suspects';

afterEach(cleanup);

const faults = ['coil open', 'armature stuck in', 'does not pull in', 'coil shorted', 'contact worn'];

const suspects = theSuspects({
    parts: [
        { target: 'CC', label: 'Contactor', probability: 0.62, likely: 'likely', faults },
        { target: 'w24', label: 'The orange wire LP.2 – CC.A', probability: 0.3, likely: 'possible', faults: ['open'] },
    ],
    less: 1,
    in_doubt: ['CC', 'w24', 'HP'],
    together: [{ label: 'Contactor: coil open and Relay: coil open', probability: 0.2, likely: 'possible' }],
    nothing_wrong: 0.04,
});

it('sets a condition and lands a lead with one tap each', () => {
    const set = vi.fn();
    const send = vi.fn();
    const standing = aStanding({ out_of_reach: ['roof'], must_run: true });
    const open_items = [
        anOpenItem(),
        anOpenItem({ type: 'jumper', key: 'a~b', undo: 'take it off', data: { from: 'a', to: 'b', on: false } }),
        anOpenItem({ type: 'pulled', key: 'FU1', undo: 'put it back', data: { part: 'FU1', out: false } }),
        anOpenItem({ type: 'condition', key: 'breaker', undo: 'on', data: { name: 'breaker', value: true } }),
    ];
    const { container } = render(<Conditions trace={aTrace({ standing, open_items })} disabled={false} set={set} send={send} />);
    fireEvent.click(container.querySelector('[data-condition=breaker]') as Element);
    expect(set).toHaveBeenCalledWith('breaker', false);
    for (const [undo, event, data] of [
        ['land it', 'lead', { wire: 'w24', lifted: false }],
        ['take it off', 'jumper', { from: 'a', to: 'b', on: false }],
        ['put it back', 'pulled', { part: 'FU1', out: false }],
    ] as const) {
        fireEvent.click(screen.getByText(undo));
        expect(send).toHaveBeenLastCalledWith(event, data);
    }
    // a switch has its own key already
    expect(container.querySelector('[data-lifted=breaker]')).toBeNull();
    fireEvent.click(screen.getByText('out of reach: roof'));
    expect(send).toHaveBeenLastCalledWith('barred', { why: 'cannot reach', what: 'roof', barred: false });
    fireEvent.click(screen.getByText('must go on running'));
    expect(send).toHaveBeenLastCalledWith('barred', { why: 'must run', what: '', barred: false });
});

it('does not let the proof begin while a feed is on', () => {
    const send = vi.fn().mockResolvedValue(true);
    render(<ProveDead open onOpenChange={() => {}} trace={aTrace({ suspects })} disabled={false} problem={null} send={send} />);
    for (const box of screen.getAllByRole('checkbox')) {
        expect((box as HTMLInputElement).disabled).toBe(true);
    }
    fireEvent.click(screen.getByText('breaker: switch off and lock out'));
    expect(send).toHaveBeenCalledWith('condition', { name: 'breaker', value: false });
});

it('takes the proof only when all three steps are done', () => {
    const send = vi.fn().mockResolvedValue(true);
    const off = aTrace({ standing: aStanding({ conditions: [aCondition('breaker', false, true)] }) });
    render(<ProveDead open onOpenChange={() => {}} trace={off} disabled={false} problem={null} send={send} />);
    const done = screen.getByText('Proved dead') as HTMLButtonElement;
    const boxes = screen.getAllByRole('checkbox');
    for (const box of boxes) {
        expect(done.disabled).toBe(true);
        fireEvent.click(box);
    }
    fireEvent.click(done);
    expect(send).toHaveBeenCalledWith('proved-dead', { known_before: true, circuit_dead: true, known_after: true });
});

it('names suspects by part, with what may be wrong with each and how likely in a word; the number for who wants it', () => {
    const { container } = render(<Suspects trace={aTrace({ suspects })} sheet={aSheet()} look={() => {}} />, { wrapper: Inside });
    const said = (target: string) => container.querySelector(`[data-suspect=${target}]`)?.textContent;
    expect(screen.getByText(/3 left of 150/)).toBeTruthy();
    expect(said('CC')).toBe('Contactor CClikelycoil open, or armature stuck in, or does not pull in, or one of 2 more');
    expect(said('w24')).toBe('The orange wire LP.2 – CC.A possibleopen');
    expect(screen.getByText('and 1 less likely')).toBeTruthy();
    expect(said('together')).toBe('Contactor: coil open and Relay: coil open possibleboth at once');
    expect(said('nothing')).toContain('unlikely');
    fireEvent.click(screen.getByText('in numbers'));
    expect(said('CC')).toContain('62 %');
    expect(said('nothing')).toContain('4 %');
    expect(screen.queryByRole('alert')).toBeNull();
});

it('tells many wires together by what they share, and each of them once that is opened', () => {
    const look = vi.fn();
    const wire = (n: number) => ({
        target: `w${n}`,
        label: `Wire ${n}`,
        probability: 0.1,
        likely: 'unlikely',
        faults: ['grounded'],
    });
    const alike = [
        {
            label: 'One of 4 wires in the stat cable',
            probability: 0.4,
            likely: 'possible',
            faults: ['grounded'],
            wires: [1, 2, 3, 4].map(wire),
        },
    ];
    render(<Suspects trace={aTrace({ suspects: { ...suspects, alike } })} sheet={aSheet()} look={look} />, { wrapper: Inside });
    const rows = screen.getAllByRole('listitem').map((row) => row.getAttribute('data-suspect'));
    // by how probable they are, whatever they are
    expect(rows.slice(1, 4)).toEqual(['CC', 'One of 4 wires in the stat cable', 'w24']);
    expect(screen.queryByText('Wire 3')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: /One of 4 wires/ }));
    fireEvent.click(screen.getByText('Wire 3'));
    expect(look).toHaveBeenCalledWith('w3');
});

it('opens a suspect: what it would make each reading, and what would clear it', async () => {
    const look = vi.fn();
    const dossier = {
        fault: 'Contactor: coil open',
        likely: 'likely',
        readings: [
            { test: '26.7 V on CC.A → CC.B', would: '26.7 V', fits: true },
            { test: 'Outdoor fan motor runs', would: 'silent', fits: false },
        ],
        tests: [{ test: 'Ohms across Contactor', would: 'OL', fits: null }],
    };
    vi.stubGlobal(
        'fetch',
        vi.fn(async () => new Response(JSON.stringify(dossier))),
    );
    render(<Suspects trace={aTrace({ suspects })} sheet={aSheet()} look={look} />, { wrapper: Inside });
    fireEvent.click(screen.getByRole('button', { name: /Contactor CC/ }));
    await screen.findByText(/It does not explain 1 of 2/);
    const said = [...document.querySelectorAll('[data-dossier] li')].map((li) => li.textContent);
    expect(said).toEqual([
        '✓ 26.7 V on CC.A → CC.B: it would be 26.7 V',
        '✗ Outdoor fan motor runs: it would be silent',
        'Ohms across Contactor: anything but OL clears it',
    ]);
    fireEvent.click(screen.getByText('Show it'));
    expect(look).toHaveBeenCalledWith('CC');
    fireEvent.click(screen.getByRole('button', { name: /Contactor CC/ }));
    expect(document.querySelector('[data-dossier]')).toBeNull();
    vi.unstubAllGlobals();
});

it('says what is not explained and which reading to take again', () => {
    const odd = '49.0 V on HP.1 → LV.C';
    render(
        <Suspects
            trace={aTrace({ suspects: { ...suspects, unexplained: [odd], doubted: odd } })}
            sheet={aSheet()}
            look={() => {}}
        />,
    );
    expect(screen.getByRole('alert').textContent).toContain(`Not explained: ${odd}.`);
    expect(screen.getByRole('alert').textContent).toContain(`Take ${odd} again`);
});

it('says on which reading a finding would rest alone', () => {
    render(
        <Suspects
            trace={aTrace({ suspects: { ...suspects, alone: 'OL on COMP.R → COMP.C' } })}
            sheet={aSheet()}
            look={() => {}}
        />,
    );
    expect(screen.getByText(/All of this rests on/).textContent).toContain('OL on COMP.R → COMP.C');
    expect(screen.queryByRole('alert')).toBeNull();
});

it('offers what can be seen and felt of a part, and what is done to it on a dead circuit', () => {
    const [pick, felt, send] = [vi.fn(), vi.fn(), vi.fn()];
    const part = aPart('OFM', { label: 'Outdoor fan motor', observables: ['runs', 'hums', 'silent'], signs: ['seized', 'hot'] });
    const seen = (proved_dead: boolean) => (
        <Seen
            part={part}
            standing={aStanding({ proved_dead })}
            disabled={false}
            pick={pick}
            felt={felt}
            send={send}
            cancel={() => {}}
        />
    );
    const { rerender } = render(seen(false));
    expect((screen.getByText('New one fitted') as HTMLButtonElement).disabled).toBe(true);
    fireEvent.click(screen.getByText('hot'));
    fireEvent.click(screen.getByText('seized'));
    fireEvent.click(screen.getByText('Keep it'));
    expect(felt).toHaveBeenCalledWith('seized, hot');
    rerender(seen(true));
    fireEvent.click(screen.getByText('New one fitted'));
    expect(send).toHaveBeenCalledWith('replaced', { part: 'OFM' });
    fireEvent.click(screen.getByText('Pulled, unplugged'));
    expect(send).toHaveBeenLastCalledWith('pulled', { part: 'OFM', out: true });
    fireEvent.click(screen.getByText('hums'));
    expect(pick).toHaveBeenCalledWith('hums', undefined);
    fireEvent.click(screen.getByText('at once'));
    fireEvent.click(screen.getByText('hums'));
    expect(pick).toHaveBeenLastCalledWith('hums', 'at once');
    fireEvent.click(screen.getByText('comes and goes'));
    fireEvent.click(screen.getByText('silent'));
    fireEvent.click(screen.getByText('runs'));
    fireEvent.click(screen.getAllByText('Keep it')[0] as Element);
    expect(pick).toHaveBeenLastCalledWith('runs, silent', 'comes and goes');
});

it('finds points, parts and wires by letters, words, kind, place or colour, the first by Enter', () => {
    const pick = vi.fn();
    const circuit = aSheet({
        parts: [
            aPart('HP', { label: 'High-pressure switch', points: ['HP.1'] }),
            aPart('AH', { label: 'Terminal strip', points: ['AH.R'], place: 'air handler' }),
        ],
        wires: [{ id: 'w24', colour: 'orange', from: 'HP.1', to: 'CC.A', gauge: 18, bundle: '' }],
    });
    vi.stubGlobal(
        'fetch',
        vi.fn(async () => new Response('{"items": [], "more": false}')),
    );
    render(
        <Inside>
            <FindPoint open onOpenChange={() => {}} circuit={circuit} lead="black" pick={pick} />
        </Inside>,
    );
    const field = screen.getByRole('textbox', { name: 'Find on this unit' });
    const found = (text: string) => {
        fireEvent.change(field, { target: { value: text } });
        return [...document.querySelectorAll('[data-hit]')].map((hit) => hit.getAttribute('data-hit'));
    };
    expect(found('pressure')).toEqual(['point HP.1', 'part HP']);
    expect(found('air handler')).toEqual(['point AH.R', 'part AH']);
    expect(found('orange')).toEqual(['point HP.1', 'wire w24']);
    expect(found('orange wire')).toEqual(['wire w24']);
    // what is called just that comes first
    expect(found('hp')).toEqual(['part HP', 'point HP.1', 'wire w24']);
    expect(found('fuse').length).toBe(4);
    expect(found('zzz')).toEqual([]);
    expect(screen.getByText('Nothing is called that on this unit.')).toBeTruthy();
    found('terminal');
    fireEvent.click(screen.getByText('AH.R'));
    expect(pick).toHaveBeenLastCalledWith(expect.objectContaining({ kind: 'point', id: 'AH.R' }));
    found('hp');
    fireEvent.submit(field.closest('form') as HTMLFormElement);
    expect(pick).toHaveBeenLastCalledWith(expect.objectContaining({ kind: 'part', id: 'HP' }));
    vi.unstubAllGlobals();
});
