import { afterEach, expect, it, vi } from 'vitest';
import { ApiError, api } from './client';

afterEach(() => vi.unstubAllGlobals());

async function failure(body: string, status: number): Promise<ApiError> {
    vi.stubGlobal('fetch', vi.fn().mockResolvedValue(new Response(body, { status })));
    const error: unknown = await api('GET', 'calls').catch((e: unknown) => e);
    if (!(error instanceof ApiError)) {
        throw new Error('It did not fail.');
    }
    return error;
}

it.each([200, 302, 403, 502])(
    'says that a page of HTML under %i is not the answer of Levin, and never takes it for a last word',
    async (status) => {
        const error = await failure('<!DOCTYPE html><title>Sign in to the network</title>', status);
        expect(error.message).toContain('did not come from Levin');
        expect(error.message).not.toContain('Unexpected token');
        expect(error.isFinal).toBe(false);
    },
);

it('says what the server says, field first', async () => {
    const refused = JSON.stringify({ message: 'no', errors: { entered: ['"abc" is not a reading.'] } });
    const error = await failure(refused, 422);
    expect(error.message).toBe('"abc" is not a reading.');
    expect(error.isFinal).toBe(true);
});

it('says that there is no connection, and that nothing is lost', async () => {
    vi.stubGlobal('fetch', vi.fn().mockRejectedValue(new TypeError('offline')));
    await expect(api('GET', 'calls')).rejects.toThrow('No connection to the server');
});

it.each([
    [419, 'session has ended'],
    [403, 'someone else'],
    [404, 'not here any more'],
    [429, 'Too many'],
    [500, 'answered 500'],
] as const)('has words for %i', async (status, words) => {
    expect((await failure('{}', status)).message).toContain(words);
});
