import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Call } from '../../api/shapes';
import { Inside } from '../../testing/inside';
import { aCall, aUser } from '../../testing/shapes';
import { CallRow, Day } from './day';

const mine = aCall({ id: 1, number: 2001 });
const theirs = aCall({ id: 2, number: 2002, technician: { id: 2, name: 'Ravi' }, stage: 'found', finding: 'Fuse: blown' });
const left = aCall({ id: 3, number: 2003, stage: 'closed', left: 'made safe', left_words: 'Motor ordered.' });

const asked: string[] = [];

/** A server of sections: what is in each, and how many pages it has. */
function serve(sections: Record<string, [items: Call[], pages?: number]>) {
    vi.stubGlobal(
        'fetch',
        vi.fn(async (path: string) => {
            asked.push(path);
            const query = new URLSearchParams(path.split('?')[1]);
            const [items, pages = 1] = sections[query.get('section') ?? ''] ?? [[]];
            const page = Number(query.get('page') ?? '1');
            const body = { items: page === 1 ? items : [{ ...left, id: 99, number: 2099 }], page, pages, total: items.length };
            return new Response(JSON.stringify(body), { status: 200 });
        }),
    );
}

const open = () =>
    render(
        <Inside>
            <Day user={aUser()} />
        </Inside>,
    );

beforeEach(() => asked.splice(0));

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

it('tells what is mine now from what comes next, what waits and what the others do', async () => {
    serve({ now: [[mine]], others: [[theirs]], waiting: [[left]] });
    open();
    expect(within(await screen.findByLabelText('Now')).getByText(/Oven-room/)).toBeTruthy();
    expect(within(await screen.findByLabelText('The others')).getByText('✓ Fuse: blown')).toBeTruthy();
    const waits = within(await screen.findByLabelText('Waiting for someone to come back'));
    expect(waits.getByText(/Motor ordered/).textContent).toBe('Made safe: Motor ordered.');
    expect(screen.getByText('Nothing more on your sheet today.')).toBeTruthy();
    // nothing is unfinished: nothing is said of it
    expect(screen.queryByLabelText('Unfinished, from before')).toBeNull();
    expect(document.title).toBe('Day · Levin');
});

it('asks for what comes earliest first, and for what is done latest first', async () => {
    serve({});
    open();
    await screen.findByText('No call is closed yet.');
    const orders = Object.fromEntries(
        asked.map((path) => new URLSearchParams(path.split('?')[1])).map((q) => [q.get('section'), q.get('order')]),
    );
    expect(orders).toMatchObject({ now: 'earliest', coming: 'earliest', unfinished: 'latest', done: 'latest' });
});

it('brings the next page of a long list when asked', async () => {
    serve({ done: [[left], 2] });
    open();
    await screen.findByText(/Call 2003/);
    expect(screen.queryByText(/Call 2099/)).toBeNull();
    fireEvent.click(screen.getByText('More'));
    expect(await screen.findByText(/Call 2099/)).toBeTruthy();
    expect(screen.queryByText('More')).toBeNull();
});

it('says what is wrong and tries again', async () => {
    vi.stubGlobal('fetch', vi.fn().mockRejectedValue(new TypeError('offline')));
    open();
    const alerts = await screen.findAllByRole('alert');
    expect(alerts[0]?.textContent).toContain('No connection');
    serve({ now: [[mine]] });
    fireEvent.click(screen.getAllByText('Try again')[0] as Element);
    expect(await screen.findByText(/Call 2001/)).toBeTruthy();
});

const row = (over: Partial<Call>, showUnit = true) =>
    render(
        <Inside>
            <CallRow call={aCall(over)} showUnit={showUnit} />
        </Inside>,
    );

it.each([
    ['scheduled', 'seen', 'to do'],
    ['open', 'found', 'open at Found'],
    ['found', 'repaired', 'open at Repaired'],
    ['found', null, 'to be closed'],
    ['closed', null, 'closed'],
] as const)('says of a call that is %s at %s "%s"', (stage, open_at, words) => {
    row({ stage, open_at });
    expect(screen.getByText(words)).toBeTruthy();
});

it('shows a call at its unit by number, and elsewhere by site and unit', () => {
    row({ number: 2001 }, false);
    expect(screen.getByText('Call 2001')).toBeTruthy();
    row({});
    expect(screen.getByText('Harbour bakery · Oven-room cooling unit')).toBeTruthy();
});

it('tells the hour of today and the day of another day, where the shop is', () => {
    vi.useFakeTimers({ now: Date.parse('2026-11-30T02:00:00Z') });
    // nine in the evening of the 29th in New York
    row({ scheduled_for: '2026-11-29T14:00:00Z' });
    expect(screen.getByText('09:00')).toBeTruthy();
    row({ scheduled_for: '2026-11-30T14:00:00Z' });
    expect(screen.getByText(/30/)).toBeTruthy();
    vi.useRealTimers();
});

it('does not let a jumper be forgotten', () => {
    row({ jumper_since: '2026-11-29T14:05:00Z' });
    expect(screen.getByText('A jumper is on, since 09:05: take it off.')).toBeTruthy();
});
