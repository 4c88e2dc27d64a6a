import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { Trace, Unit } from '../../api/shapes';
import { at, type } from '../../testing/at-stop';
import { Inside } from '../../testing/inside';
import { aCall, aContact, anEvent, aPart, aRung, aSheet, aStanding, aTrace } from '../../testing/shapes';
import { Arrive } from './arrive';
import { WhichUnit } from './which-unit';

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
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
