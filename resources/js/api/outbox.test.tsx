import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { readOutbox, useOutbox } from './outbox';
import { uuid } from './uuid';

const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>
);

const answers = (...list: [number, unknown][]) => {
    const fetch = vi.fn();
    for (const [status, body] of list) {
        fetch.mockResolvedValueOnce(new Response(JSON.stringify(body), { status }));
    }
    vi.stubGlobal('fetch', fetch);
    return fetch;
};

beforeEach(() => localStorage.clear());
afterEach(() => vi.unstubAllGlobals());

it('keeps an event until the server has it, and sends it again under the same id', async () => {
    const fetch = answers([419, { message: 'expired' }], [201, { events: [] }]);
    const { result } = renderHook(() => useOutbox('7'), { wrapper });
    await act(async () => {
        await result.current.send('note', { text: 'hatch key' });
    });
    expect(result.current.error?.isExpired).toBe(true);
    expect(readOutbox('7')?.data).toEqual({ text: 'hatch key' });
    await act(async () => {
        expect(await result.current.retry()).toBe(true);
    });
    const ids = fetch.mock.calls.map(([, init]) => JSON.parse(init.body).id);
    expect(ids[0]).toBe(ids[1]);
    expect(readOutbox('7')).toBeNull();
});

it('sends what was still waiting when the page was left', async () => {
    localStorage.setItem(
        'levin.outbox.7',
        JSON.stringify({ id: uuid(), type: 'note', noted_at: '2026-11-23T09:00:00Z', data: { text: 'x' } }),
    );
    const fetch = answers([201, { events: [] }]);
    renderHook(() => useOutbox('7'), { wrapper });
    await waitFor(() => expect(readOutbox('7')).toBeNull());
    expect(fetch).toHaveBeenCalledTimes(1);
});

it('lets go of what the server will never take and says why', async () => {
    answers([422, { message: 'no', errors: { entered: ['"abc" is not a reading.'] } }]);
    const { result } = renderHook(() => useOutbox('7'), { wrapper });
    await act(async () => {
        await result.current.send('reading', { entered: 'abc' });
    });
    expect(result.current.error?.message).toBe('"abc" is not a reading.');
    expect(readOutbox('7')).toBeNull();
});

it('keeps an event when there is no connection', async () => {
    vi.stubGlobal('fetch', vi.fn().mockRejectedValue(new TypeError('offline')));
    const { result } = renderHook(() => useOutbox('7'), { wrapper });
    await act(async () => {
        await result.current.send('note', { text: 'x' });
    });
    expect(result.current.error?.message).toContain('No connection');
    expect(readOutbox('7')).not.toBeNull();
});

it('sends a double tap once', async () => {
    const fetch = answers([201, { events: [] }], [201, { events: [] }]);
    const { result } = renderHook(() => useOutbox('7'), { wrapper });
    await act(async () => {
        await Promise.all([result.current.send('note', { text: 'x' }), result.current.send('note', { text: 'x' })]);
    });
    expect(fetch).toHaveBeenCalledTimes(1);
});

it('makes proper random ids', () => {
    const ids = new Set(Array.from({ length: 200 }, uuid));
    expect(ids.size).toBe(200);
    for (const id of ids) {
        expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
    }
});
