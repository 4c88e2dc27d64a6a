import 'fake-indexeddb/auto';
import { beforeEach, expect, it, vi } from 'vitest';
import { ApiError } from './client';
import { IndexedLetters } from './letters';
import { EMPTY, Outbox, type OutboxState } from './outbox';
import type { EventInput } from './shapes';
import { uuid } from './uuid';

let store: IndexedLetters;
let state: OutboxState;
let clock: number;

beforeEach(() => {
    // a database of its own for each test; the same one opened twice is the page left and opened again
    store = new IndexedLetters(uuid());
    state = EMPTY;
    clock = Date.parse('2026-11-23T09:00:00Z');
});

function box(deliver: (event: EventInput) => Promise<void>, call = '7') {
    return new Outbox(
        call,
        store,
        deliver,
        (s) => {
            state = s;
        },
        () => {
            clock += 1000;
            return new Date(clock);
        },
    );
}

const offline = () => Promise.reject(new ApiError(0, 'No connection'));

it('keeps every event while there is no connection, and sends all of them in order when there is', async () => {
    const out = box(offline);
    await out.start();
    for (let n = 1; n <= 30; n++) {
        expect(await out.send(n % 2 === 0 ? 'note' : 'reading', { n })).toBe('waiting');
    }
    expect(state.waiting.map((e) => e.data.n)).toEqual(Array.from({ length: 30 }, (_, n) => n + 1));
    expect(state.error?.message).toBe('No connection');
    const sent: EventInput[] = [];
    const again = box(async (event) => {
        sent.push(event);
    });
    await again.start();
    expect(sent.map((e) => e.data.n)).toEqual(Array.from({ length: 30 }, (_, n) => n + 1));
    expect(new Set(sent.map((e) => e.id)).size).toBe(30);
    expect(state.waiting).toEqual([]);
});

it('sends an event again under the same id and time after its answer was lost', async () => {
    const tries: EventInput[] = [];
    const out = box(async (event) => {
        tries.push(event);
        if (tries.length === 1) {
            throw new ApiError(0, 'No connection');
        }
    });
    await out.send('note', { text: 'hatch key' });
    await out.flush();
    expect(tries).toHaveLength(2);
    expect(tries[1]).toEqual(tries[0]);
    expect(state.waiting).toEqual([]);
});

it('does not overtake: what comes while another waits goes after it', async () => {
    let open = false;
    const sent: string[] = [];
    const out = box(async (event) => {
        if (!open) {
            throw new ApiError(503, 'later');
        }
        sent.push(event.type);
    });
    await out.send('reading', { entered: '26.4' });
    open = true;
    expect(await out.send('note', { text: 'bees' })).toBe('stored');
    expect(sent).toEqual(['reading', 'note']);
});

it('says at once why the server will never take it, and leaves it with whoever sent it', async () => {
    const out = box(() => Promise.reject(new ApiError(422, '"abc" is not a reading.')));
    expect(await out.send('reading', { entered: 'abc' })).toBe('refused');
    expect(state.refusal).toBe('"abc" is not a reading.');
    expect(state.waiting).toEqual([]);
    out.forget();
    expect(state.refusal).toBeNull();
});

it('keeps what was refused later on until someone has read why, and goes on with the rest', async () => {
    const out = box(offline);
    await out.send('reading', { entered: 'abc' });
    await out.send('reading', { entered: '26' });
    const later = box(async (event) => {
        if (event.data.entered === 'abc') {
            throw new ApiError(422, '"abc" is not a reading.');
        }
    });
    await later.start();
    expect(state.waiting).toEqual([]);
    expect(state.refused.map((l) => [l.event.data.entered, l.refused])).toEqual([['abc', '"abc" is not a reading.']]);
    await box(offline).start();
    expect(state.refused).toHaveLength(1);
    await later.discard(state.refused[0]?.event.id ?? '');
    expect(state.refused).toEqual([]);
});

it.each([0, 401, 408, 419, 429, 500, 503])('waits when the answer is %i', async (status) => {
    const out = box(() => Promise.reject(new ApiError(status, 'no')));
    expect(await out.send('note', { text: 'x' })).toBe('waiting');
    expect(state.error?.status).toBe(status);
});

it.each([400, 403, 404, 413, 422])('takes %i for a last word', async (status) => {
    const out = box(() => Promise.reject(new ApiError(status, 'no')));
    expect(await out.send('note', { text: 'x' })).toBe('refused');
});

it('sends a double tap once, and the same thing later twice', async () => {
    const deliver = vi.fn().mockResolvedValue(undefined);
    const out = new Outbox(
        '7',
        store,
        deliver,
        () => {},
        () => new Date(clock),
    );
    await Promise.all([out.send('note', { text: 'x' }), out.send('note', { text: 'x' })]);
    expect(deliver).toHaveBeenCalledTimes(1);
    clock += 5000;
    await out.send('note', { text: 'x' });
    expect(deliver).toHaveBeenCalledTimes(2);
});

it('keeps the events of each call apart', async () => {
    await box(offline, '7').send('note', { text: 'seven' });
    await box(offline, '8').send('note', { text: 'eight' });
    expect(state.waiting.map((e) => e.data.text)).toEqual(['eight']);
    await box(offline, '7').start();
    expect(state.waiting.map((e) => e.data.text)).toEqual(['seven']);
});

it('makes proper random ids', () => {
    const ids = new Set(Array.from({ length: 200 }, uuid));
    expect(ids.size).toBe(200);
    for (const id of ids) {
        expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
    }
});

it('sends at once what the device cannot keep, and leaves it with its sender when that fails', async () => {
    const full = () => Promise.reject(new Error('QuotaExceededError'));
    vi.spyOn(store, 'put').mockImplementation(full);
    const sent: EventInput[] = [];
    let answer: ApiError | null = null;
    const out = box(async (event) => {
        if (answer !== null) {
            throw answer;
        }
        sent.push(event);
    });
    await out.start();
    expect(await out.send('note', { text: 'one' })).toBe('stored');
    expect(sent.map((e) => e.data.text)).toEqual(['one']);
    answer = new ApiError(0, 'No connection');
    expect(await out.send('note', { text: 'two' })).toBe('refused');
    expect(state.refusal).toMatch(/^No connection.*keeps nothing/);
    answer = new ApiError(422, 'There is no point "CC.Q".');
    expect(await out.send('note', { text: 'three' })).toBe('refused');
    expect(state.refusal).toBe('There is no point "CC.Q".');
});

it('lets nothing that cannot be kept overtake what waits', async () => {
    let open = false;
    const sent: EventInput[] = [];
    const out = box(async (event) => {
        if (!open) {
            throw new ApiError(0, 'No connection');
        }
        sent.push(event);
    });
    expect(await out.send('note', { text: 'one' })).toBe('waiting');
    vi.spyOn(store, 'put').mockRejectedValue(new Error('QuotaExceededError'));
    open = true;
    expect(await out.send('note', { text: 'two' })).toBe('refused');
    expect(sent).toEqual([]);
    await out.flush();
    expect(sent.map((e) => e.data.text)).toEqual(['one']);
});

it('says when the browser keeps nothing at all', async () => {
    vi.spyOn(store, 'of').mockRejectedValue(new Error('InvalidStateError'));
    await box(offline).start();
    expect(state.refusal).toContain('keeps nothing');
});

it('sends straight to the server what a database that never opens cannot keep, and says so', async () => {
    vi.useFakeTimers();
    const open = vi.spyOn(indexedDB, 'open').mockImplementation(() => new IDBOpenDBRequest());
    const sent: EventInput[] = [];
    const out = box(async (event) => {
        sent.push(event);
    });
    const outcome = out.send('note', { text: 'Hums.' });
    await vi.advanceTimersByTimeAsync(5000);
    expect(await outcome).toBe('stored');
    expect(sent.map((e) => e.data.text)).toEqual(['Hums.']);
    // and asks again the next time
    open.mockRestore();
    vi.useRealTimers();
    expect(await out.send('note', { text: 'Hums still.' })).toBe('stored');
    expect(sent).toHaveLength(2);
});
