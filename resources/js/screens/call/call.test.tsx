import { act, cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { Load, Trace } from '../../api/shapes';
import { at, type } from '../../testing/at-stop';
import { Inside } from '../../testing/inside';
import { aCall, aContact, aRung, aStanding, aTrace } from '../../testing/shapes';
import { keptFor } from '../../ui/keep-for';
import { Cause } from './cause';
import { HandOver } from './hand-over';
import { CallRung } from './rung';
import { StillOpen } from './still-open';
import { nextStop } from './stops';
import { Verify } from './verify';

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

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
