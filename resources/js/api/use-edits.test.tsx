import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, expect, it, vi } from 'vitest';
import { useEdits, word } from './use-edits';

afterEach(() => vi.unstubAllGlobals());

/** A server that counts steps, and refuses the line "no". */
function server() {
    const sent: unknown[] = [];
    let at = 0;
    vi.stubGlobal('fetch', async (path: string, init: RequestInit) => {
        const body = JSON.parse(String(init.body)) as { line?: string; by?: number; at: number };
        sent.push([path, body]);
        if (body.line === 'no') {
            return new Response(JSON.stringify({ message: 'x', errors: { line: ['There is a CC already.'] } }), { status: 422 });
        }
        at += body.by ?? 1;
        return new Response(JSON.stringify({ id: 3, at }));
    });
    return sent;
}

function edits() {
    const client = new QueryClient();
    client.setQueryData(['draft', '3'], { id: 3, at: 0 });
    const wrapper = ({ children }: { children: ReactNode }) => (
        <QueryClientProvider client={client}>{children}</QueryClientProvider>
    );
    return renderHook(() => useEdits('3'), { wrapper }).result;
}

it('sends changes one after the other, each with the step that the one before came to', async () => {
    const sent = server();
    const hook = edits();
    await act(async () => {
        await Promise.all([hook.current.edit('rename CC C'), hook.current.edit('remove CCH')]);
        hook.current.undo();
    });
    await waitFor(() => expect(hook.current.busy).toBe(false));
    expect(sent).toEqual([
        ['/api/drafts/3/edits', { line: 'rename CC C', at: 0 }],
        ['/api/drafts/3/edits', { line: 'remove CCH', at: 1 }],
        ['/api/drafts/3/step', { by: -1, at: 2 }],
    ]);
});

it('says why one was not done, and goes on with the next', async () => {
    server();
    const hook = edits();
    let done: boolean[] = [];
    await act(async () => {
        done = [await hook.current.edit('no')];
    });
    expect(done).toEqual([false]);
    expect(hook.current.problem).toBe('There is a CC already.');
    await act(async () => {
        done = [await hook.current.edit('rename CC C')];
    });
    expect(done).toEqual([true]);
    expect(hook.current.problem).toBeNull();
});

it('puts into quotes what has blanks, and no quote into quotes', () => {
    expect(word('CC')).toBe('CC');
    expect(word('High pressure')).toBe('"High pressure"');
    expect(word('')).toBe('""');
    expect(word('3" pipe')).toBe('"3″ pipe"');
});
