import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, expect, it, vi } from 'vitest';
import type { Judged, PartHistory } from '../../api/shapes';
import { PartChecks } from './part-checks';

vi.mock('../../ui/plot', () => ({
    Plot: ({ points, label, unit }: { points: { value: number }[]; label: string; unit: string }) => (
        <p data-testid="plot">{`${label}, ${unit}: ${points.map((p) => p.value).join(' ')}`}</p>
    ),
}));

const judged = (id: string, over: Partial<Judged> = {}): Judged => ({
    id,
    noted_at: '2025-10-02T10:00:00Z',
    by: 'Oda',
    call: null,
    verdict: 'good',
    headline: 'Insulation good',
    figures: [{ label: 'at 40 °C', says: '120 MΩ' }],
    value: 120,
    struck: null,
    ...over,
});

const history = (over: Partial<PartHistory> = {}): PartHistory => ({
    part: 'COMP',
    label: 'Compressor',
    check: 'insulation',
    title: 'Insulation',
    watched: 'at 40 °C',
    unit: 'MΩ',
    trend: null,
    judged: [judged('a')],
    ...over,
});

const posted: unknown[] = [];

function open(parts: PartHistory[]) {
    posted.splice(0);
    vi.stubGlobal(
        'fetch',
        vi.fn(async (_: string, init?: RequestInit) => {
            if (init?.method === 'POST') {
                posted.push(JSON.parse(String(init.body)));
            }
            return new Response(JSON.stringify({ parts }), { status: 200 });
        }),
    );
    render(
        <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
            <PartChecks unit={4} name="Stage unit" />
        </QueryClientProvider>,
        { wrapper: MemoryRouter },
    );
}

afterEach(() => {
    cleanup();
    sessionStorage.clear();
    vi.unstubAllGlobals();
});

it('says what to do where nothing was judged yet, and remembers for which unit', async () => {
    open([]);
    expect(await screen.findByText(/Nothing yet/)).toBeTruthy();
    fireEvent.click(screen.getByRole('link', { name: 'Judge a part' }));
    expect(JSON.parse(sessionStorage.getItem('levin.bench.for') ?? '')).toEqual({ unit: 4, name: 'Stage unit', call: null });
});

it('shows the last first, plots what counts, and says what has become of it', async () => {
    const trend = { verdict: 'watch' as const, words: 'It has come down.', limit: { label: 'News at half.', says: 'IEEE 43' } };
    const all = [
        judged('a'),
        judged('b', { struck: 'wrong lead', value: 1 }),
        judged('c', { headline: 'Low', verdict: 'watch', value: 50, call: 12 }),
    ];
    open([history({ judged: all, trend })]);
    expect(await screen.findByText(/It has come down/)).toBeTruthy();
    expect(screen.getByTestId('plot').textContent).toBe('at 40 °C, MΩ: 120 50');
    const rows = within(screen.getByRole('region', { name: 'Parts judged' }))
        .getAllByRole('listitem')
        .slice(1);
    expect(rows.map((r) => r.textContent?.includes('Low') ?? false)).toEqual([true, false, false]);
    expect(rows[1]?.textContent).toContain('struck out: wrong lead');
    expect(screen.getByRole('link', { name: 'Its call' }).getAttribute('href')).toBe('/calls/12');
});

it('draws no line through a single visit', async () => {
    open([history()]);
    expect(await screen.findByText('Compressor')).toBeTruthy();
    expect(screen.queryByTestId('plot')).toBeNull();
});

it('strikes one out with a reason', async () => {
    open([history()]);
    fireEvent.click(await screen.findByRole('button', { name: /Strike out Compressor/ }));
    fireEvent.change(screen.getByLabelText('Why'), { target: { value: 'wrong unit' } });
    fireEvent.click(screen.getByRole('button', { name: 'Strike it out' }));
    await vi.waitFor(() => expect(posted).toHaveLength(1));
    expect(posted[0]).toMatchObject({ type: 'strike', data: { event: 'a', reason: 'wrong unit' } });
});
