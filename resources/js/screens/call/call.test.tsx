import { act, cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { EMPTY } from '../../api/outbox';
import type { Load, Swap, Trace, Unit } from '../../api/shapes';
import { Inside } from '../../testing/inside';
import { aCall, aContact, anEvent, anOpenItem, aPart, aRung, aSheet, aStanding, aTrace } from '../../testing/shapes';
import { keptFor } from '../../ui/keep-for';
import { Arrive } from './arrive';
import type { AtStop } from './call-screen';
import { Cause } from './cause';
import { ago } from './events';
import { HandOver } from './hand-over';
import { JumperClocks } from './jumper-clock';
import { Repair } from './repair';
import { CallRung } from './rung';
import { StillOpen } from './still-open';
import { nextStop } from './stops';
import { Thermostat } from './thermostat';
import { Verify } from './verify';
import { WhichUnit } from './which-unit';

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

const at = (trace: Trace, over: Partial<AtStop> = {}) => {
    const send = vi.fn().mockResolvedValue(true);
    const outbox = { ...EMPTY, send, flush: vi.fn(), discard: vi.fn(), forget: vi.fn() };
    return { trace, sheet: aSheet(), outbox, disabled: false, send, ...over };
};

const type = (label: string | RegExp, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });

it('draws closed, jumpered and open contacts, and says which one is open', () => {
    const rung = aRung(1);
    rung[1] = aContact('found', 'trace', { waived: 'store closed' });
    rung[2] = aContact('cause', 'cause', { open: ['Say why.', 'Look.'] });
    const { container } = render(<CallRung trace={aTrace({ rung })} stop="trace" />, { wrapper: Inside });
    const states = [...container.querySelectorAll('[data-contact]')].map((c) => c.getAttribute('aria-label'));
    expect(states.slice(0, 3)).toEqual(['Seen: closed', 'Found: jumpered', 'Cause: open']);
    expect(container.querySelector('[data-contact=found]')?.getAttribute('aria-current')).toBe('step');
    expect(container.querySelector('[data-open-at=cause]')?.textContent).toBe('Cause is open. Say why. And 1 more.');
    expect(container.querySelector('[data-contact=told]')?.getAttribute('href')).toBe('/calls/7/hand-over');
    screen.getByLabelText('The call is not closed');
});

it('goes on at the first open contact, and with a closed call where it was handed over', () => {
    expect(nextStop(aTrace({ rung: aRung(0) }))).toBe('arrive');
    expect(nextStop(aTrace({ rung: aRung(4) }))).toBe('repair');
    expect(nextStop(aTrace({ rung: aRung(7) }))).toBe('hand-over');
    expect(nextStop(aTrace({ rung: aRung(0), standing: aStanding({ closed: true }) }))).toBe('hand-over');
});

it('passes a contact over with a reason only, and takes the jumper off again', () => {
    const send = vi.fn().mockResolvedValue(true);
    const show = (trace: Trace) => <StillOpen trace={trace} stop="cause" disabled={false} send={send} />;
    const { rerender } = render(show(aTrace({ rung: aRung(2) })), { wrapper: Inside });
    fireEvent.click(screen.getByText('Pass it over, with a reason'));
    expect((screen.getByText('Put the jumper on') as HTMLButtonElement).disabled).toBe(true);
    type(/Why “Cause” is passed over/, 'nobody may open it');
    fireEvent.click(screen.getByText('Put the jumper on'));
    expect(send).toHaveBeenCalledWith('waived', { contact: 'cause', on: true, reason: 'nobody may open it' });
    const waived = aRung(2).map((c) => (c.contact === 'cause' ? { ...c, waived: 'nobody may' } : c));
    rerender(show(aTrace({ rung: waived })));
    fireEvent.click(screen.getByText('Take the jumper off it'));
    expect(send).toHaveBeenLastCalledWith('waived', { contact: 'cause', on: false });
    expect(screen.getByText('Go on to Repair').getAttribute('href')).toBe('/calls/7/repair');
});

it('keeps what made it fail: found in words, not found, or wear', () => {
    const props = at(aTrace({ call: aCall({ finding: 'Capacitor weak' }), rung: aRung(2) }));
    render(<Cause {...props} />, { wrapper: Inside });
    expect((screen.getByText('Keep it') as HTMLButtonElement).disabled).toBe(true);
    type('What it was', 'dead fan');
    fireEvent.click(screen.getByText('Keep it'));
    expect(props.send).toHaveBeenCalledWith('cause', { kind: 'found', words: 'dead fan' });
    fireEvent.click(screen.getByText('Plain wear'));
    fireEvent.click(screen.getByText('Keep it'));
    expect(props.send.mock.lastCall?.[1]).toMatchObject({ kind: 'wear' });
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

const load = (over: Partial<Load> = {}): Load => ({
    part: 'COMP',
    label: 'Compressor',
    place: 'outdoor',
    wires: ['w24'],
    plate: 14.1,
    expected: 11.8,
    before: null,
    measured: null,
    judged: null,
    creep: null,
    creeping: false,
    ...over,
});

it('has a row for each load with plate, before and expected, and keeps what is clamped on its wire', () => {
    const fan = load({ part: 'OFM', label: 'Fan', wires: [], creep: 'It creeps up: 0.9 to 1.2 A.', creeping: true });
    const done = load({ part: 'IBM', label: 'Blower', measured: 2.1, judged: { verdict: 'good', headline: 'Within its plate' } });
    const props = at(aTrace({ rung: aRung(5), loads: [load(), fan, done] }));
    const { container } = render(<Verify {...props} />, { wrapper: Inside });
    const row = (part: string) => container.querySelector(`[data-load=${part}]`) as HTMLElement;
    expect(row('COMP').textContent).toContain('clamp the orange wire w24, LP.2 – CC.A');
    expect(row('COMP').textContent).toContain('plate14.1 Abefore–expected11.8 A');
    expect(row('IBM').textContent).toContain('✓ 2.10 A: Within its plate');
    expect(within(row('OFM')).getByText(/It creeps up/).className).toContain('text-odd');
    expect((within(row('OFM')).getByText('Keep') as HTMLButtonElement).disabled).toBe(true);
    type('Compressor, amperes', '11.4');
    fireEvent.click(within(row('COMP')).getByText('Keep'));
    expect(props.send).toHaveBeenCalledWith('reading', { function: 'amps', red: 'w24', black: '', entered: '11.4' });
});

it('times a cycle from when somebody begins to watch, through a closed page', async () => {
    vi.useFakeTimers({ now: 0 });
    const props = at(aTrace({ rung: aRung(5) }));
    const { unmount } = render(<Verify {...props} />, { wrapper: Inside });
    fireEvent.click(screen.getByText('Begin to watch'));
    unmount();
    render(<Verify {...props} />, { wrapper: Inside });
    act(() => void vi.advanceTimersByTime(372_000));
    const step = screen.getByRole('button', { name: /Contactor: pulled in/ });
    // it is late, and nobody has tapped it
    expect(within(step).getByText(/Contactor/).className).toContain('text-odd');
    fireEvent.click(step);
    expect(step.getAttribute('aria-pressed')).toBe('true');
    expect(within(step).getByText(/Contactor/).className).toBe('');
    fireEvent.click(screen.getByText('A whole cycle, as it should'));
    vi.useRealTimers();
    expect(props.send.mock.lastCall?.[0]).toBe('watched');
    expect(props.send.mock.lastCall?.[1]).toMatchObject({ as_expected: true, minutes: 6.2 });
    // what is kept is begun no more
    expect(await screen.findByText('Begin to watch')).toBeDefined();
    expect(localStorage.length).toBe(0);
});

it('tells the customer what the record says, and closes only past the last contact', () => {
    const open = at(aTrace({ rung: aRung(6), account: 'We found: coil open.' }));
    const { rerender } = render(<HandOver {...open} />, { wrapper: Inside });
    expect((screen.getByText('Close the call', { selector: 'button' }) as HTMLButtonElement).disabled).toBe(true);
    type('Whom you told', 'the baker');
    type('What they said', 'good');
    fireEvent.click(screen.getByText('They are told'));
    expect(open.send).toHaveBeenCalledWith('told', { who: 'the baker', words: 'We found: coil open.', said: 'good' });
    rerender(<HandOver {...open} trace={aTrace({ rung: aRung(7) })} />);
    fireEvent.click(screen.getByText('Close the call', { selector: 'button' }));
    expect(open.send).toHaveBeenLastCalledWith('closed', {});
});

it('prints a report and a note, and a tag where something is left off', () => {
    const { rerender } = render(<HandOver {...at(aTrace())} />, { wrapper: Inside });
    expect(screen.getByText('Report for the customer').getAttribute('href')).toBe('/api/calls/7/report.pdf');
    expect(screen.queryByText(/^Tag/)).toBeNull();
    rerender(<HandOver {...at(aTrace({ call: aCall({ left: 'return' }) }))} />);
    expect(screen.getByText(/^Tag/).getAttribute('href')).toBe('/api/calls/7/tag.pdf');
});

it('reopens a closed call with a reason, and lets nobody else close it', () => {
    const closed = at(aTrace({ rung: aRung(7), standing: aStanding({ closed: true }) }));
    const { rerender } = render(<HandOver {...closed} />, { wrapper: Inside });
    type('Reason to reopen it', 'again');
    fireEvent.click(screen.getByText('Reopen the call'));
    expect(closed.send).toHaveBeenCalledWith('reopened', { reason: 'again' });
    rerender(<HandOver {...closed} trace={aTrace({ call: aCall({ may_change: false }) })} />);
    screen.getByText(/This is Ravi's call/);
    expect(screen.queryByText('Close the call', { selector: 'button' })).toBeNull();
});

const past = (over: Partial<Trace['past'][number]> = {}): Trace['past'][number] => ({
    id: 3,
    at: '2026-10-08T09:00:00Z',
    technician: 'Ravi',
    complaint: 'No heat.',
    finding: 'Hose off',
    done: ['We did: hose cleared.'],
    guaranteed_to: '2027-01-06',
    holds: true,
    good: [],
    claim: null,
    ...over,
});

it('tells who has been here, what was done, and whether the shop stands by it', () => {
    const visits = [
        past(),
        past({ id: 4, claim: 'another matter', good: ['Blower'] }),
        past({ id: 5, holds: false }),
        past({ id: 6, done: [], guaranteed_to: null }),
    ];
    const props = at(aTrace({ past: visits }));
    const { container } = render(<Arrive {...props} />, { wrapper: Inside });
    const said = (id: number) => container.querySelector(`[data-past="${id}"]`)?.textContent ?? '';
    expect(said(3)).toContain('Ravi');
    expect(said(3)).toContain('No heat. Hose off. We did: hose cleared.');
    expect(said(3)).toMatch(/Guarantee to .*2027$/);
    expect(said(4)).toContain('another matter: not part of what was done then');
    expect(said(4)).toContain('Judged good: Blower.');
    expect(said(5)).toContain('Guarantee was to');
    expect(said(6)).not.toContain('Guarantee');
    fireEvent.click(screen.getByText('I have read it'));
    expect(props.send).toHaveBeenCalledWith('history-read', { visits: 4 });
});

it('takes the complaint once, and what is seen of each part by place', () => {
    const sheet = aSheet({
        parts: [aPart('OFM', { label: 'Fan', place: 'outside', observables: ['runs', 'hums'] }), aPart('CAP')],
    });
    const props = at(aTrace(), { sheet });
    const { container, rerender } = render(<Arrive {...props} />, { wrapper: Inside });
    type('Since when, if they know', 'Monday');
    fireEvent.click(screen.getByText('now and then'));
    fireEvent.click(screen.getByText('Keep the complaint'));
    expect(props.send).toHaveBeenLastCalledWith('complaint', { words: 'Warm', since: 'Monday', pattern: 'now and then' });
    expect([...container.querySelectorAll('[data-see]')].length).toBe(1);
    fireEvent.click(screen.getByText('hums'));
    expect(props.send).toHaveBeenLastCalledWith('observation', { part: 'OFM', seen: 'hums' });
    const events = [
        anEvent({ id: 'c', type: 'complaint', data: { words: 'hall is hot', since: '', pattern: 'all the time' } }),
        anEvent({ id: 'o', type: 'observation', data: { part: 'OFM', seen: 'hums', moment: 'at once' } }),
    ];
    rerender(<Arrive {...props} trace={aTrace({ events })} />);
    screen.getByText('“hall is hot”');
    expect(screen.getByText('hums').getAttribute('aria-pressed')).toBe('true');
});

it('warns to write the flashes down while a lamp has not been', () => {
    const rung = aRung();
    rung[0] = aContact('seen', 'arrive', { open: ['Control: write down what its lamp shows, before power is cut.'] });
    render(<Arrive {...at(aTrace({ rung }))} />, { wrapper: Inside });
    screen.getByText('Write the flashes down before you cut the power.');
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

it('shows the table that is printed on the unit, with the code that is seen', () => {
    serveUnits([]);
    const printed = [
        { seen: 'steady', means: 'standing by' },
        { seen: '3 flashes', means: 'draft switch does not close' },
    ];
    const board = aPart('IFC', { label: 'Control', observables: ['steady', '3 flashes'], printed });
    const events = [anEvent({ type: 'observation', data: { part: 'IFC', seen: '3 flashes' } })];
    const { container } = render(<Arrive {...at(aTrace({ events }), { sheet: aSheet({ parts: [board] }) })} />, {
        wrapper: Inside,
    });
    expect(container.querySelector('[data-printed="3 flashes"] dd .bg-live')?.textContent).toBe('draft switch does not close');
    expect(container.querySelector('[data-printed=steady] dd .bg-live')).toBeNull();
});

/** The units of a site, as the server has them; a call opened there is number 12. */
function serveUnits(units: Unit[]) {
    const fetch = vi.fn(async (path: string, init?: RequestInit) =>
        init?.method === 'POST'
            ? new Response(JSON.stringify(aCall({ id: 12 })), { status: 201 })
            : new Response(
                  JSON.stringify({ items: path.includes('units?') ? units : [], page: 1, pages: 1, total: units.length }),
              ),
    );
    vi.stubGlobal('fetch', fetch);
    return fetch;
}

it('says what this unit serves, and opens a call at another one of the site with the same complaint', async () => {
    const fetch = serveUnits([
        { id: 2, name: 'Shop cooling unit', serves: 'shop and counter', place: 'flat roof' } as Unit,
        { id: 1, name: 'Oven-room cooling unit', serves: 'oven room', place: 'yard' } as Unit,
    ]);
    render(<WhichUnit trace={aTrace()} />, { wrapper: Inside });
    expect(screen.getByText('oven room')).toBeTruthy();
    expect(await screen.findByText('Another unit is here')).toBeTruthy();
    fireEvent.click(screen.getByText('A call there'));
    await waitFor(() => expect(fetch.mock.lastCall?.[0]).toContain('units/2/calls'));
    expect(fetch.mock.lastCall?.[1]?.body).toContain('Warm');
});

it('leads from Verify to what else is measured of such a unit, and the bench knows the call', () => {
    const more = [
        { check: 'gas-heat', title: 'Gas heat', what: 'manifold', judged: null },
        { check: 'flame-signal', title: 'Flame', what: 'µA', judged: { verdict: 'good', headline: 'Flame good' } as const },
    ];
    render(<Verify {...at(aTrace({ more }))} />, { wrapper: Inside });
    expect(screen.getByText(/Flame good/)).toBeTruthy();
    fireEvent.click(screen.getByText('Gas heat'));
    expect(keptFor()).toEqual({ unit: 1, name: 'Oven-room cooling unit', call: { id: 7, number: 1042 } });
});

it('keeps what somebody tells in their own words until it is sent, and tells it from the record until then', () => {
    const props = at(aTrace({ account: 'You called.', rung: aRung(6) }));
    const { unmount, rerender } = render(<HandOver {...props} />, { wrapper: Inside });
    const words = () => screen.getByLabelText<HTMLTextAreaElement>(/What you tell them/).value;
    rerender(<HandOver {...props} trace={aTrace({ account: 'You called. We came.', rung: aRung(6) })} />);
    expect(words()).toBe('You called. We came.');
    type(/What you tell them/, 'It was the fan.');
    unmount();
    render(<HandOver {...props} />, { wrapper: Inside });
    expect(words()).toBe('It was the fan.');
    localStorage.clear();
});

it('takes a disconnect that is found off', () => {
    const disconnect = { name: 'disconnect', label: 'Disconnect', value: true, says: 'on', power: true, on: 'on', off: 'off' };
    const call = { ...disconnect, name: 'call_cool', label: 'Call for cooling', power: false };
    const props = at(aTrace({ standing: aStanding({ conditions: [disconnect, call] }) }));
    render(<Arrive {...props} />, { wrapper: Inside });
    const found = within(screen.getByLabelText('What cuts the power'));
    expect(found.queryByText('Call for cooling')).toBeNull();
    fireEvent.click(found.getByText('on'));
    expect(props.send).not.toHaveBeenCalled();
    fireEvent.click(found.getByText('off'));
    expect(props.send).toHaveBeenCalledWith('condition', { name: 'disconnect', value: false });
});

it('asks besides what is listed for the thermostat as it was found', () => {
    const open = ['Breaker: it should be on.', 'Thermostat: set it back as you found it (cool, 72 °F).'];
    const rung = aRung(4).map((c) => (c.contact === 'restored' ? { ...c, open } : c));
    render(<Repair {...at(repaired({ rung, open_items: [breaker] }), { sheet: sheetOfTwo })} />, { wrapper: Inside });
    expect(screen.getByText('Put back what is listed above.')).toBeDefined();
    expect(screen.queryByText('Breaker: it should be on.')).toBeNull();
    expect(screen.getByText(/set it back as you found it/)).toBeDefined();
});
