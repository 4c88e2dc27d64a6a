import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { aCall } from '../../testing/shapes';
import { KeepKey, KeepSheet, Kept } from './keep';

const judging = { data: { check: 'capacitor', given: { read: '36' }, units: { read: 'µF' } }, words: ['capacitor'] };
const asked: string[] = [];
const send = vi.fn();

vi.mock('../../api/use-outbox', () => ({ useOutbox: () => ({ refusal: null, busy: false, send }) }));

function open() {
    const kept = vi.fn();
    const setOpen = vi.fn();
    const mine = aCall({ id: 7, number: 1042, technician: { id: 1, name: 'Ravi' } });
    const closed = aCall({ id: 8, number: 1031, stage: 'closed', technician: { id: 1, name: 'Ravi' } });
    const others = aCall({ id: 9, number: 1043, technician: { id: 2, name: 'Oda' } });
    const unit = { id: 4, name: 'Stage unit', place: 'roof', site: { name: 'Theatre' } };
    vi.stubGlobal(
        'fetch',
        vi.fn(async (to: string) => {
            asked.push(decodeURIComponent(to));
            const page = (items: unknown[]) => ({ items, page: 1, pages: 1, total: items.length });
            const body = to.startsWith('/api/calls?')
                ? page([mine, closed, others])
                : to.startsWith('/api/units?')
                  ? page(to.includes('nothing') ? [] : [unit])
                  : { circuit: { revision: 3 }, parts: [] };
            return new Response(JSON.stringify(body), { status: 200 });
        }),
    );
    render(
        <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
            <KeepSheet judging={judging} user={1} open setOpen={setOpen} kept={kept} />
        </QueryClientProvider>,
        { wrapper: MemoryRouter },
    );
    return { kept, setOpen };
}

beforeEach(() => {
    asked.splice(0);
    sessionStorage.clear();
});

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

it("offers calls of one's own that are not closed, and remembers the one that was chosen", async () => {
    open();
    fireEvent.click(await screen.findByRole('button', { name: /1042/ }));
    expect(screen.queryByRole('button', { name: /1031|1043/ })).toBeNull();
    expect(await screen.findByText(/call 1042/)).toBeTruthy();
    expect(JSON.parse(sessionStorage.getItem('levin.bench.for') ?? '')).toMatchObject({ unit: 1, call: { id: 7, number: 1042 } });
    // and takes another when it was the wrong one
    fireEvent.click(screen.getByRole('button', { name: 'Another' }));
    expect(await screen.findByText('A unit, without a call')).toBeTruthy();
    expect(sessionStorage.getItem('levin.bench.for')).toBeNull();
});

it('keeps with a call through its outbox, and stays open where that is refused', async () => {
    const { kept, setOpen } = open();
    fireEvent.click(await screen.findByRole('button', { name: /1042/ }));
    fireEvent.change(await screen.findByLabelText('Which part'), { target: { value: ' Pool pump ' } });
    send.mockResolvedValueOnce(false).mockResolvedValueOnce(true);
    fireEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    await waitFor(() => expect(send).toHaveBeenCalledTimes(1));
    expect(kept).not.toHaveBeenCalled();
    fireEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    await waitFor(() => expect(kept).toHaveBeenCalledWith({ unit: 1, part: 'Pool pump' }));
    expect(send).toHaveBeenLastCalledWith('judged', { part: 'Pool pump', ...judging.data });
    expect(setOpen).toHaveBeenCalledWith(false);
});

it('finds a unit by a word, and says what to do where none is like that', async () => {
    open();
    fireEvent.change(await screen.findByRole('searchbox'), { target: { value: 'roof' } });
    await waitFor(() => expect(asked.some((to) => to.includes('search=roof'))).toBe(true));
    fireEvent.change(screen.getByRole('searchbox'), { target: { value: 'nothing' } });
    expect(await screen.findByText(/No unit like that/)).toBeTruthy();
});

it('has a key that waits for a judgement, and says what was kept and where', () => {
    const keep = vi.fn();
    render(
        <MemoryRouter>
            <KeepKey ready={false} keep={keep} />
            <Kept kept={{ unit: 4, part: 'Compressor' }} />
        </MemoryRouter>,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Keep' }));
    expect(keep).not.toHaveBeenCalled();
    expect(screen.getByRole('status').textContent).toContain('Kept with Compressor');
    expect(screen.getByRole('link').getAttribute('href')).toBe('/units/4#checks');
});
