import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Call, User } from '../../api/shapes';
import { aCall } from '../../testing/shapes';
import { CallRow, Day } from './day';

const oda: User = { id: 1, name: 'Oda', role: 'technician', shop: 'Tern Sound Mechanical', units: {}, preferences: [] };

const now = new Date();
const at = (days: number, hour: number) => new Date(now.getFullYear(), now.getMonth(), now.getDate() + days, hour).toISOString();
const mine = aCall({ id: 1, number: 2001, technician: { id: 1, name: 'Oda' }, scheduled_for: at(0, 9) });
const theirs = aCall({
    id: 2,
    number: 2002,
    technician: { id: 2, name: 'Ravi' },
    scheduled_for: at(0, 11),
    stage: 'found',
    finding: 'Fuse: blown',
});
const old = aCall({ id: 3, number: 2003, scheduled_for: at(-9, 9), stage: 'closed' });

const asked: string[] = [];

/** A server of a few lists: every path gets the items of the first key it holds. */
function serve(lists: [part: string, items: Call[], pages?: number][]) {
    vi.stubGlobal(
        'fetch',
        vi.fn(async (path: string) => {
            asked.push(path);
            const [, items, pages] = lists.find(([part]) => path.includes(part)) ?? ['', [], 1];
            const page = Number(new URLSearchParams(path.split('?')[1]).get('page') ?? '1');
            const body = {
                items: page === 1 ? items : [{ ...old, id: 99, number: 2099 }],
                page,
                pages: pages ?? 1,
                total: items.length,
            };
            return new Response(JSON.stringify(body), { status: 200 });
        }),
    );
}

const open = () =>
    render(
        <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
            <MemoryRouter>
                <Day user={oda} />
            </MemoryRouter>
        </QueryClientProvider>,
    );

beforeEach(() => asked.splice(0));

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

it('tells my calls of today from the others, and both from earlier ones', async () => {
    serve([
        ['per_page=100', [mine, theirs]],
        ['until=', [old]],
    ]);
    open();
    expect(await screen.findByText('Your calls today · 1')).toBeTruthy();
    expect(screen.getByText('The others today · 1')).toBeTruthy();
    expect(await screen.findByText('Earlier · 1')).toBeTruthy();
    expect(screen.getByText('✓ Fuse: blown')).toBeTruthy();
});

it('asks for today by the midnights of the device, earliest first', async () => {
    serve([]);
    open();
    await screen.findByText('Nothing on your sheet today.');
    const today = new URLSearchParams(asked.find((path) => path.includes('from=') && path.includes('until='))?.split('?')[1]);
    expect(today.get('order')).toBe('earliest');
    const hours = (Date.parse(today.get('until') ?? '') - Date.parse(today.get('from') ?? '')) / 3600_000;
    // a day is 23 or 25 hours long when the clocks change
    expect([23, 24, 25]).toContain(hours);
    expect(new Date(today.get('from') ?? '').getHours()).toBe(0);
});

it('brings the next page of a long list when asked', async () => {
    serve([
        ['per_page=100', []],
        ['until=', [old], 2],
    ]);
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
    serve([['per_page=100', [mine]]]);
    fireEvent.click(screen.getAllByText('Try again')[0] as Element);
    expect(await screen.findByText('Your calls today · 1')).toBeTruthy();
});

it.each([
    ['scheduled', 'seen', 'to do'],
    ['open', 'found', 'open at Found'],
    ['found', 'repaired', 'open at Repaired'],
    ['found', null, 'to be closed'],
    ['closed', null, 'closed'],
] as const)('says of a call that is %s at %s "%s"', (stage, open_at, words) => {
    render(
        <MemoryRouter>
            <CallRow call={aCall({ stage, open_at })} />
        </MemoryRouter>,
    );
    expect(screen.getByText(words)).toBeTruthy();
});

it('shows a call at its unit by number, and elsewhere by site and unit', () => {
    render(
        <MemoryRouter>
            <CallRow call={mine} showUnit={false} />
            <CallRow call={theirs} />
        </MemoryRouter>,
    );
    expect(screen.getByText('Call 2001')).toBeTruthy();
    expect(screen.getByText('Harbour bakery · Oven-room cooling unit')).toBeTruthy();
});
