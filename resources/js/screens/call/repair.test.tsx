import { act, cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { Swap, Trace } from '../../api/shapes';
import { at, type } from '../../testing/at-stop';
import { Inside } from '../../testing/inside';
import { aCall, anEvent, anOpenItem, aPart, aRung, aSheet, aStanding, aTrace } from '../../testing/shapes';
import { ago } from './events';
import { JumperClocks } from './jumper-clock';
import { Repair } from './repair';
import { Thermostat } from './thermostat';

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

const repaired = (over: Partial<Trace> = {}) =>
    aTrace({
        call: aCall({ finding: 'Coil open' }),
        rung: aRung(3),
        events: [anEvent({ type: 'finding', data: { faults: ['CC:coil-open'] } })],
        ...over,
    });

const breaker = anOpenItem({
    type: 'condition',
    key: 'breaker',
    label: 'Breaker',
    state: 'off',
    order: 'Breaker: it should be on.',
    undo: 'on',
    data: { name: 'breaker', value: true },
});

const jumper = anOpenItem({
    type: 'jumper',
    key: 'TST.R~TST.Y',
    label: 'Jumper TST.R – TST.Y',
    state: 'on: to try it',
    undo: 'take it off',
    data: { from: 'TST.R', to: 'TST.Y', on: false },
    may_be_left: false,
});

const good: NonNullable<Swap['judged']> = { verdict: 'good', headline: 'It matches', differs: [], next: 'Measure.' };

const aSwap = (over: Partial<Swap> = {}): Swap => ({
    part: 'CC',
    caution: 'Locked out.',
    rather: '',
    rows: [
        { name: 'coil', label: 'coil volts', was: '24 V', units: ['V'], choices: [] },
        { name: 'switched', label: 'what it leaves live', was: '', units: [], choices: ['not known', 'one leg', 'no leg'] },
    ],
    judged: null,
    problem: null,
    truck: [{ id: 3, label: 'Contactor, 24 V', count: 2, is: { coil: '24 V' }, judged: good }],
    ...over,
});

/** A server that answers every question after a replacement alike; what it was asked. */
function serveSwap(swap: Swap) {
    const fetch = vi.fn(async (_path: string) => new Response(JSON.stringify(swap), { status: 200 }));
    vi.stubGlobal('fetch', fetch);
    return fetch;
}

const dead = repaired({ standing: aStanding({ proved_dead: true }) });

const sheetOfTwo = aSheet({ parts: [aPart('OFM'), aPart('CC', { label: 'Contactor' })] });

it('fits a part on a dead circuit only, the one of the finding first, with what must match', async () => {
    const fetch = serveSwap(aSwap());
    const live = at(repaired(), { sheet: sheetOfTwo });
    const { rerender } = render(<Repair {...live} />, { wrapper: Inside });
    expect((await screen.findByLabelText('What must match')).textContent).toContain('coil volts24 V');
    expect(fetch.mock.calls[0]?.[0]).toContain('part=CC');
    expect((screen.getByText('It is fitted') as HTMLButtonElement).disabled).toBe(true);
    rerender(<Repair {...live} trace={dead} />);
    // what is on the truck fills in its plate
    fireEvent.click(screen.getByText('This one'));
    type('what it leaves live, of the new one', 'no leg');
    // a bare number is in the unit of its field
    type('coil volts, of the new one', '24');
    type(/Its serial number/, '17');
    await waitFor(() => expect(fetch.mock.lastCall?.[0]).toContain('is%5Bswitched%5D=no+leg'));
    fireEvent.click(screen.getByText('It is fitted'));
    expect(live.send).toHaveBeenCalledWith('replaced', {
        part: 'CC',
        fitted: 'Contactor, 24 V',
        serial: '17',
        truck: 3,
        is: { coil: '24 V', switched: 'no leg' },
    });
});

it('says every mismatch with what comes of it, and leaves the choice', async () => {
    const differs = ['Another coil voltage: it burns.', 'Fewer poles.'];
    serveSwap(aSwap({ judged: { ...good, verdict: 'bad', headline: 'Another coil voltage: it burns', differs } }));
    render(<Repair {...at(dead, { sheet: sheetOfTwo })} />, { wrapper: Inside });
    const said = await screen.findByLabelText('How it matches');
    expect(said.textContent).toContain('it burns');
    expect(said.textContent).toContain('Fewer poles.');
    expect((screen.getByText('It is fitted') as HTMLButtonElement).disabled).toBe(false);
});

it('fits nothing whose plate cannot be read', async () => {
    serveSwap(aSwap({ problem: 'coil volts, is: "x" is not a number.' }));
    render(<Repair {...at(dead, { sheet: sheetOfTwo })} />, { wrapper: Inside });
    expect((await screen.findByRole('alert')).textContent).toContain('is not a number');
    expect((screen.getByText('It is fitted') as HTMLButtonElement).disabled).toBe(true);
});

it('keeps work that is no part, and how it is left with what stays off', () => {
    const props = at(repaired({ open_items: [jumper, anOpenItem(), breaker] }));
    serveSwap(aSwap());
    render(<Repair {...props} />, { wrapper: Inside });
    fireEvent.click(screen.getByText('Work that is no part'));
    type(/coil washed, splice/, 'coil washed');
    type(/Before, if/, '40 °F');
    fireEvent.click(screen.getByText('Keep it'));
    expect(props.send).toHaveBeenLastCalledWith('worked', { target: '', words: 'coil washed', before: '40 °F', after: '' });
    fireEvent.click(screen.getByText('It cannot be put right now'));
    type(/Why someone comes back/, 'motor ordered');
    fireEvent.click(screen.getByLabelText(/Orange wire w24/));
    expect(screen.queryByLabelText(/Jumper/)).toBeNull();
    fireEvent.click(screen.getByText('It is left so'));
    expect(props.send).toHaveBeenLastCalledWith('left', {
        how: 'return',
        words: 'motor ordered',
        must_not: '',
        off: ['breaker'],
    });
});

it('lists all that is open with how long it has been, and puts it back', () => {
    const since = new Date(Date.now() - 14 * 60000).toISOString();
    const props = at(repaired({ open_items: [anOpenItem({ since }), { ...breaker, left: true }] }));
    serveSwap(aSwap());
    const { container } = render(<Repair {...props} />, { wrapper: Inside });
    const items = [...container.querySelectorAll('[data-open-item]')];
    expect(items.map((i) => i.getAttribute('data-open-item'))).toEqual(['w24', 'breaker']);
    expect(items[0]?.textContent).toContain('for 14 min');
    expect(items[1]?.textContent).toContain('left so on purpose');
    fireEvent.click(within(items[0] as HTMLElement).getByRole('button'));
    expect(props.send).toHaveBeenLastCalledWith('lead', { wire: 'w24', lifted: false });
    fireEvent.click(within(items[1] as HTMLElement).getByRole('button'));
    expect(props.send).toHaveBeenLastCalledWith('condition', { name: 'breaker', value: true });
});

it('runs a clock for each jumper that is on', () => {
    vi.useFakeTimers({ now: Date.parse('2026-11-29T12:02:05Z') });
    const send = vi.fn();
    const on = { ...jumper, since: '2026-11-29T12:00:00Z' };
    render(<JumperClocks trace={aTrace({ open_items: [on, anOpenItem()] })} disabled={false} send={send} />);
    expect(screen.getByRole('timer').textContent).toBe('02:05');
    act(() => void vi.advanceTimersByTime(3000));
    expect(screen.getByRole('timer').textContent).toBe('02:08');
    fireEvent.click(screen.getByText('take it off'));
    expect(send).toHaveBeenCalledWith('jumper', { from: 'TST.R', to: 'TST.Y', on: false });
    vi.useRealTimers();
});

it('says how long ago', () => {
    const now = Date.parse('2026-11-29T12:00:00Z');
    expect(ago('2026-11-29T11:59:40Z', now)).toBe('just now');
    expect(ago('2026-11-29T10:30:00Z', now)).toBe('for 90 min');
    expect(ago('2026-11-29T09:00:00Z', now)).toBe('for 3 h');
    expect(ago(null, now)).toBe('since nobody knows when');
});

it('keeps what the thermostat shows in the degrees one reads in, and says what that means', () => {
    serveSwap(aSwap());
    const props = at(aTrace({ thermostat: ['It is satisfied.'] }));
    render(<Thermostat trace={props.trace} disabled={false} send={props.send} />, { wrapper: Inside });
    expect(screen.getByRole('status').textContent).toContain('It is satisfied.');
    expect((screen.getByText('Keep it') as HTMLButtonElement).disabled).toBe(true);
    fireEvent.click(screen.getByText('cool'));
    type('Set point', '72');
    type('What it shows', '24 °C');
    fireEvent.click(screen.getByText('loose'));
    fireEvent.click(screen.getByText('Keep it'));
    expect(props.send).toHaveBeenCalledWith('thermostat', {
        mode: 'cool',
        set: '72 °F',
        shows: '24 °C',
        seated: 'loose',
        words: '',
    });
});

it('asks besides what is listed for the thermostat as it was found', () => {
    const open = ['Breaker: it should be on.', 'Thermostat: set it back as you found it (cool, 72 °F).'];
    const rung = aRung(4).map((c) => (c.contact === 'restored' ? { ...c, open } : c));
    render(<Repair {...at(repaired({ rung, open_items: [breaker] }), { sheet: sheetOfTwo })} />, { wrapper: Inside });
    expect(screen.getByText('Put back what is listed above.')).toBeDefined();
    expect(screen.queryByText('Breaker: it should be on.')).toBeNull();
    expect(screen.getByText(/set it back as you found it/)).toBeDefined();
});
