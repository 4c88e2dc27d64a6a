import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { Advice, Trace } from '../../api/shapes';
import { Inside } from '../../testing/inside';
import { aCall, aCondition, anAdvice, anEvent, aSheet, aStanding, aTrace, theSuspects } from '../../testing/shapes';
import { Finding } from './finding';
import { Log } from './log';
import { NextTest } from './next-test';
import { OwnFinding } from './own-finding';

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

const next = (a: Advice) => {
    const send = vi.fn().mockResolvedValue(true);
    const calls = { other: vi.fn(), prove: vi.fn(), see: vi.fn(), watched: vi.fn(), felt: vi.fn(), measured: vi.fn(), send };
    render(<NextTest advice={a} standing={aStanding()} more disabled={false} leads={null} {...calls} />);
    return calls;
};

const off: Advice['steps'][number] = {
    order: 'Disconnect: pulled.',
    event: 'condition',
    data: { name: 'disconnect', value: false },
    act: false,
};
const proof: Advice['steps'][number] = { order: 'Prove it dead.', event: 'proved-dead', data: {}, act: false };
const lift: Advice['steps'][number] = {
    order: 'Lift the orange wire.',
    event: 'lead',
    data: { wire: 'w24', lifted: true },
    act: false,
};
const order: Advice['steps'][number] = { order: 'Red on CC.A; black on CC.B.', event: null, data: {}, act: true };

it('says what each result would mean, and what a healthy unit shows where none of them is that', () => {
    const open = { said: 'OL', likely: 'likely', who: 'Contactor', as_healthy: false };
    const sound = { said: 'about 12 Ω', likely: 'possible', who: 'nothing wrong', as_healthy: true };
    const said = () => screen.getAllByRole('listitem').map((li) => li.textContent);
    next(anAdvice({ steps: [], results: [open, sound] }));
    expect(said()).toEqual(['OL · likely: Contactor', 'about 12 Ω, as healthy · possible: nothing wrong']);
    cleanup();
    next(anAdvice({ steps: [], results: [open] }));
    expect(said()).toEqual(['OL · likely: Contactor', 'A healthy unit shows 12.0 Ω']);
    cleanup();
    next(anAdvice({ steps: [], results: [] }));
    screen.getByText(/OL leaves the coil/);
});

it('numbers the orders and lets one be confirmed at a time: off, proved dead, lifted', () => {
    const a = next(anAdvice({ steps: [off, proof, lift, order], results: [] }));
    expect(screen.getAllByRole('listitem').map((li) => li.textContent)).toEqual([
        '1Disconnect: pulled.',
        '2Prove it dead.',
        '3Lift the orange wire.',
        '4Red on CC.A; black on CC.B.',
    ]);
    expect((screen.getByText('Prove it dead.') as HTMLButtonElement).disabled).toBe(true);
    fireEvent.click(screen.getByText('Disconnect: pulled.'));
    expect(a.send).toHaveBeenCalledWith('condition', { name: 'disconnect', value: false });
    cleanup();
    const b = next(anAdvice({ steps: [proof, lift, order] }));
    fireEvent.click(screen.getByText('Prove it dead.'));
    expect(b.prove).toHaveBeenCalled();
    cleanup();
    const c = next(anAdvice({ steps: [lift, order] }));
    fireEvent.click(screen.getByText('Lift the orange wire.'));
    expect(c.send).toHaveBeenCalledWith('lead', { wire: 'w24', lifted: true });
});

it('says what cannot be done now, and why', () => {
    const a = next(anAdvice());
    fireEvent.click(screen.getByText('Not now'));
    expect(a.send).toHaveBeenLastCalledWith('barred', { why: 'not now', what: 'ohms CC.A CC.B', barred: true });
    fireEvent.click(screen.getByText("Can't get there"));
    expect(a.send).toHaveBeenLastCalledWith('barred', { why: 'cannot reach', what: 'outdoor', barred: true });
    fireEvent.click(screen.getByText('It must go on running'));
    expect(a.send).toHaveBeenLastCalledWith('barred', { why: 'must run', what: '', barred: true });
    cleanup();
    next(anAdvice({ dead: false, kind: 'probe' }));
    expect(screen.queryByText('It must go on running')).toBeNull();
});

it('takes what hands find by one key, and a gauge in the unit it shows', () => {
    const a = next(anAdvice({ kind: 'feel', function: null, red: 'OFM', choices: ['turns freely', 'seized'] }));
    fireEvent.click(screen.getByText('seized'));
    expect(a.felt).toHaveBeenCalledWith('seized');
    cleanup();
    const quantity = { name: 'head_pressure', label: 'Head pressure', units: ['kPa', 'psi'] };
    const b = next(anAdvice({ kind: 'gauge', function: null, red: 'head_pressure', quantity }));
    fireEvent.change(screen.getByLabelText('Head pressure', { selector: 'input' }), { target: { value: '375' } });
    fireEvent.click(screen.getByText('psi'));
    fireEvent.click(screen.getByText('Keep the reading'));
    expect(b.measured).toHaveBeenCalledWith('375 psi');
});

it('asks for no answer before the orders are carried out', () => {
    next(anAdvice({ kind: 'feel', function: null, choices: ['seized'], steps: [proof, order] }));
    expect(screen.queryByText('seized')).toBeNull();
});

it('asks for an observation by buttons and warns of line voltage', () => {
    const a = next(
        anAdvice({
            kind: 'look',
            function: null,
            red: 'CC',
            black: '',
            choices: ['pulled in', 'dropped out'],
            title: 'Look: Contactor',
        }),
    );
    fireEvent.click(screen.getByText('dropped out'));
    expect(a.see).toHaveBeenCalledWith('dropped out');
    cleanup();
    next(anAdvice({ function: 'vac', line_voltage: true, dead: false }));
    expect(screen.getByText(/rated leads and gloves/)).toBeTruthy();
    expect(screen.getByText(/live line voltage/)).toBeTruthy();
});

it('orders a start to be watched step by step, and keeps all that was seen in the order of its kind', () => {
    const choices = ['runs', 'hums', 'silent'];
    const a = next(anAdvice({ kind: 'watch', function: null, red: 'OFM', black: '', choices }));
    expect(screen.getByText('Keep it').hasAttribute('disabled')).toBe(true);
    fireEvent.click(screen.getByText('silent'));
    fireEvent.click(screen.getByText('runs'));
    fireEvent.click(screen.getByText('hums'));
    fireEvent.click(screen.getByText('hums'));
    fireEvent.click(screen.getByText('Keep it'));
    expect(a.watched).toHaveBeenCalledWith('runs, silent');
});

it('writes every kind of event in plain words, newest first, and leaves struck ones in sight', () => {
    const events = [
        anEvent({ id: '1', sequence: 1, type: 'observation', data: { part: 'CC', seen: 'dropped out' }, struck: 'wrong unit' }),
        anEvent({ id: '2', sequence: 2, type: 'condition', data: { name: 'disconnect', value: false } }),
        anEvent({ id: '3', sequence: 3, type: 'proved-dead', strikable: false }),
        anEvent({ id: '4', sequence: 4, type: 'lead', data: { wire: 'w24', lifted: true } }),
        anEvent({
            id: '5',
            sequence: 5,
            type: 'reading',
            data: { function: 'ohms', red: 'CC.A', black: 'CC.B', entered: 'OL' },
            meaning: { as_healthy: false, text: 'Cleared: Contactor; 9 suspects left.' },
            verdict: { verdict: 'bad', headline: 'Weak' },
        }),
        anEvent({ id: '6', sequence: 6, type: 'strike', data: { event: '1', reason: 'wrong unit' } }),
        anEvent({ id: '7', sequence: 7, type: 'note', data: { text: 'bees' } }),
        anEvent({ id: '8', sequence: 8, type: 'finding', data: { label: 'Contactor: coil open', cause: 'ants' } }),
        anEvent({ id: '9', sequence: 9, type: 'closed' }),
        anEvent({ id: '10', sequence: 10, type: 'reopened', data: { reason: 'back again' } }),
        anEvent({ id: '11', sequence: 11, type: 'judged', data: { label: 'Capacitor', headline: 'Weak', verdict: 'bad' } }),
    ];
    const standing = aStanding({ conditions: [aCondition('disconnect', true, true, 'in', 'pulled')] });
    const { container } = render(
        <Log trace={aTrace({ events, standing })} circuit={aSheet()} disabled={false} send={vi.fn()} />,
        {
            wrapper: Inside,
        },
    );
    const lines = [...container.querySelectorAll('li')].map((li) => li.textContent);
    for (const [n, text] of [
        [0, 'Capacitor: Weak, bad'],
        [1, 'reopened: back again'],
        [2, 'call closed'],
        [3, 'found: Contactor: coil open. ants'],
        [4, 'bees'],
        [5, 'struck out 1: wrong unit'],
        [6, 'Ω CC.A → CC.B  OL'],
        [7, 'w24 lifted'],
        [8, 'known source, circuit, known source'],
        [9, 'disconnect: pulled'],
        [10, 'Contactor dropped out'],
    ] as const) {
        expect(lines[n]).toContain(text);
    }
    expect(lines[6]).toContain('Cleared: Contactor; 9 suspects left.');
    expect(lines[6]).toContain('✕ Weak');
    expect(container.querySelectorAll('.line-through').length).toBe(1);
    expect(screen.getAllByText('Strike').length).toBe(events.filter((e) => e.strikable).length);
});

it('says over the log of a call from a file who took it in and when', () => {
    const log = (call: Trace['call']) => <Log trace={aTrace({ call })} circuit={aSheet()} disabled={false} send={vi.fn()} />;
    const { container, rerender } = render(log(aCall()), { wrapper: Inside });
    expect(container.querySelector('[data-imported]')).toBeNull();
    rerender(log(aCall({ imported: { by: 'Marit Skerry', at: '2026-11-25T14:03:00Z' } })));
    expect(container.querySelector('[data-imported]')?.textContent).toMatch(/from a call file by Marit Skerry, .*2026.*\.$/);
});

it('records a finding, then goes on to its cause', () => {
    const send = vi.fn().mockResolvedValue(true);
    const groups = [{ faults: ['CC:coil-open'], labels: ['Contactor: coil open'], probability: 0.97 }];
    const suspects = theSuspects({ groups, found: ['CC:coil-open'] });
    const { rerender } = render(<Finding trace={aTrace({ suspects })} disabled={false} send={send} />, { wrapper: Inside });
    fireEvent.change(screen.getByLabelText('Why it failed, if you know'), { target: { value: 'ants' } });
    fireEvent.click(screen.getByText('Record the finding'));
    expect(send).toHaveBeenCalledWith('finding', { faults: ['CC:coil-open'], cause: 'ants' });
    const call = aCall({ finding: 'Contactor: coil open' });
    rerender(<Finding trace={aTrace({ call })} disabled={false} send={send} />);
    expect(screen.getByText(/before you drive for the part/).getAttribute('href')).toBe('/calls/7/cause');
    rerender(<Finding trace={aTrace({ call, standing: aStanding({ closed: true }) })} disabled={false} send={send} />);
    expect(screen.queryByRole('link')).toBeNull();
});

it('records what was found in own words with what it leaves unexplained, or that nothing is wrong with what was checked', () => {
    const send = vi.fn().mockResolvedValue(true);
    render(<OwnFinding unexplained={['e1']} disabled={false} send={send} />);
    fireEvent.change(screen.getByLabelText('Found something else'), { target: { value: 'mouse' } });
    fireEvent.click(screen.getByText('Record it in these words'));
    expect(send).toHaveBeenLastCalledWith('finding', { words: 'mouse', cause: '', unexplained: ['e1'] });
    fireEvent.change(screen.getByLabelText(/what was checked/), { target: { value: 'all legs' } });
    fireEvent.click(screen.getByText('Nothing is wrong in this circuit'));
    expect(send).toHaveBeenLastCalledWith('finding', { nothing: true, words: 'all legs', unexplained: ['e1'] });
});

it('says whose call it is to someone who may only read it', () => {
    render(<Finding trace={aTrace({ call: aCall({ may_change: false }) })} disabled={false} send={vi.fn()} />);
    expect(screen.getByText(/This is Ravi's call/)).toBeTruthy();
});
