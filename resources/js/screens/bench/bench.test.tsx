import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { BenchAnswer, BenchCheck, BenchEntry } from '../../api/shapes';
import { aUser } from '../../testing/shapes';
import { BenchScreen } from './bench-screen';

const entry = (name: string, more: Partial<BenchEntry> = {}): BenchEntry => ({
    kind: 'number',
    name,
    label: name,
    dimension: 'resistance',
    units: ['Ω', 'kΩ'],
    is_required: true,
    is_read: true,
    choices: [],
    usual: '',
    ...more,
});

const check = (name: string, more: Partial<BenchCheck> = {}): BenchCheck => ({
    name,
    title: name,
    how: 'Read it.',
    mistake: 'Reading it live.',
    caution: 'Prove it dead.',
    leaves_out: 'All else.',
    words: [],
    entries: [entry('ab')],
    row: { posts: [{ name: 'A', role: '', entry: '' }], pieces: [], over: '', entry: '' },
    ...more,
});

const oda = aUser({ units: { resistance: 'kΩ' } });
const asked: string[] = [];
let answer: BenchAnswer;

const good: BenchAnswer = {
    judgement: {
        verdict: 'good',
        headline: 'Windings good',
        findings: ['They add up.'],
        figures: [{ label: 'run', says: '49 Ω' }],
        limits: [{ label: 'They add up.', says: 'Physics' }],
        next: 'Insulation.',
        row: null,
        phasors: [],
    },
    waits: '',
    entry: '',
    is_wrong: false,
};

/** What the rest of the server answers, with its status. */
type Elsewhere = (to: string, body: string) => [unknown, number];

function open(path: string, checks: BenchCheck[], elsewhere: Elsewhere = () => [answer, 200]) {
    vi.stubGlobal(
        'fetch',
        vi.fn(async (to: string, init?: RequestInit) => {
            asked.push(to);
            const [body, status] =
                to === '/api/bench'
                    ? [{ checks }, 200]
                    : to.startsWith('/api/bench/')
                      ? [answer, 200]
                      : elsewhere(to, String(init?.body ?? ''));
            return new Response(JSON.stringify(body), { status });
        }),
    );
    return render(
        <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
            <MemoryRouter initialEntries={[path]}>
                <Routes>
                    <Route path="/bench/:check?" element={<BenchScreen user={oda} />} />
                </Routes>
            </MemoryRouter>
        </QueryClientProvider>,
    );
}

beforeEach(() => {
    asked.splice(0);
    sessionStorage.clear();
    window.history.replaceState(null, '', '/');
    answer = good;
});

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

it('finds a check by every word of what is in the hand', async () => {
    open('/bench', [check('Contactor', { words: ['relay', 'chatters'] }), check('Supply', { words: ['lost leg', '460'] })]);
    const field = await screen.findByRole('searchbox');
    fireEvent.change(field, { target: { value: 'leg 460' } });
    expect(screen.queryByText('Contactor')).toBeNull();
    expect(screen.getByText('Supply')).toBeTruthy();
    fireEvent.change(field, { target: { value: 'leg 230' } });
    expect(screen.getByText(/Nothing of that name/)).toBeTruthy();
});

it('asks after every key, in the unit that is preferred, and shows what comes of it', async () => {
    open('/bench/leads', [check('leads')]);
    fireEvent.change(await screen.findByLabelText('ab'), { target: { value: '118' } });
    expect((await screen.findAllByText(/Windings good/)).length).toBeGreaterThan(0);
    expect(screen.getByText('49 Ω')).toBeTruthy();
    await waitFor(() => expect(decodeURIComponent(asked.at(-1) ?? '')).toContain('given[ab]=118'));
    expect(decodeURIComponent(asked.at(-1) ?? '')).toContain('units[ab]=kΩ');
    await waitFor(() => expect(window.location.search).toBe('?ab=118'));
});

it('hands its address on, by the clipboard where the device shares by nothing else', async () => {
    const writeText = vi.fn().mockResolvedValueOnce(undefined).mockRejectedValueOnce(new Error('no'));
    vi.stubGlobal('navigator', { clipboard: { writeText } });
    open('/bench/leads', [check('leads')]);
    fireEvent.click(await screen.findByRole('button', { name: 'Share' }));
    expect(await screen.findByText(/is copied/)).toBeTruthy();
    expect(writeText).toHaveBeenCalledWith(window.location.href);
    fireEvent.click(screen.getByRole('button', { name: 'Share' }));
    expect(await screen.findByText(/Copy the address/)).toBeTruthy();
});

it('begins a choice with what is usual, and says so with the rest', async () => {
    open('/bench/cap', [check('cap', { entries: [entry('tolerance', { kind: 'choice', choices: ['shop: −10 %', '±6 %'] })] })]);
    await screen.findByLabelText('tolerance');
    await waitFor(() => expect(decodeURIComponent(asked.at(-1) ?? '')).toContain('given[tolerance]=shop:'));
});

it('prints by a key', async () => {
    const print = vi.fn();
    vi.stubGlobal('print', print);
    open('/bench/leads', [check('leads')]);
    fireEvent.click(await screen.findByRole('button', { name: 'Print' }));
    expect(print).toHaveBeenCalledOnce();
});

it('takes OL by a key where a meter can be over its range', async () => {
    open('/bench/leads', [check('leads', { entries: [entry('ab'), entry('rated', { dimension: 'voltage', is_read: false })] })]);
    fireEvent.click(await screen.findByRole('button', { name: /OL/ }));
    expect((screen.getByLabelText('ab') as HTMLInputElement).value).toBe('OL');
    expect(screen.getAllByRole('button', { name: /OL/ })).toHaveLength(1);
});

it('takes several numbers, each in a field of its own', async () => {
    open('/bench/poles', [check('poles', { entries: [entry('poles', { kind: 'row', is_required: false })] })]);
    fireEvent.change(await screen.findByLabelText('poles'), { target: { value: '0.1' } });
    fireEvent.change(screen.getByLabelText('poles, 2'), { target: { value: '0.8' } });
    await waitFor(() => expect(decodeURIComponent(asked.at(-1) ?? '')).toContain('given[poles]=0.1+0.8'));
    fireEvent.change(screen.getByLabelText('poles'), { target: { value: '' } });
    await waitFor(() => expect(decodeURIComponent(asked.at(-1) ?? '')).toContain('given[poles]=0.8&'));
    expect((screen.getByLabelText('poles') as HTMLInputElement).value).toBe('0.8');
});

it('keeps a judgement with a unit, in words that its drawing has, once however often it is sent', async () => {
    sessionStorage.setItem('levin.bench.for', JSON.stringify({ unit: 4, name: 'Stage unit', call: null }));
    const posted: { id: string; type: string; data: Record<string, unknown> }[] = [];
    let fails = true;
    open('/bench/leads', [check('leads', { words: ['compressor'] })], (to, body) => {
        if (to === '/api/units/4/events') {
            posted.push(JSON.parse(body));
            return fails ? [{ message: 'Out of order.' }, 500] : [{ parts: [] }, 201];
        }
        return to === '/api/units/4'
            ? [{ circuit: { revision: 3 } }, 200]
            : [
                  {
                      parts: [
                          { id: 'COMP', label: 'Compressor' },
                          { id: 'CC', label: 'Contactor' },
                      ],
                  },
                  200,
              ];
    });
    fireEvent.change(await screen.findByLabelText('ab'), { target: { value: '118' } });
    const [key] = await screen.findAllByRole('button', { name: 'Keep' });
    await waitFor(() => expect((key as HTMLButtonElement).disabled).toBe(false));
    fireEvent.click(key as HTMLElement);
    fireEvent.click(await screen.findByRole('button', { name: 'Compressor' }));
    fireEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    // what is refused stays before whoever sent it
    expect((await screen.findByRole('alert')).textContent).toContain('Out of order');
    fails = false;
    fireEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(await screen.findByText(/Kept with Compressor/)).toBeTruthy();
    expect(posted.map((p) => p.id)).toEqual([posted[0]?.id, posted[0]?.id]);
    expect(posted[1]).toMatchObject({
        type: 'judged',
        data: { part: 'COMP', check: 'leads', given: { ab: '118' }, units: { ab: 'kΩ' } },
    });
});

it('says what is wrong beside the field, and calmly what is waited for', async () => {
    answer = { judgement: null, waits: 'ab: "x" is not a number.', entry: 'ab', is_wrong: true };
    open('/bench/leads', [check('leads')]);
    expect((await screen.findByRole('alert')).textContent).toContain('is not a number');
    expect(screen.getByLabelText('ab').getAttribute('aria-invalid')).toBe('true');
});

it('draws where the probes go, with what is typed', async () => {
    const row: BenchCheck['row'] = {
        posts: [
            { name: 'a', role: '', entry: 'a' },
            { name: 'b', role: '', entry: '' },
        ],
        pieces: [{ shape: 'winding', words: '', entry: 'ab' }],
        over: '',
        entry: '',
    };
    open('/bench/leads', [
        check('leads', { row, entries: [entry('a', { kind: 'word', units: [''], usual: 'a' }), entry('ab')] }),
    ]);
    fireEvent.change(await screen.findByLabelText('ab'), { target: { value: '118' } });
    fireEvent.change(screen.getByLabelText('a'), { target: { value: 'brown' } });
    const drawing = screen.getByRole('img', { name: 'Where the probes go' });
    await waitFor(() => expect(drawing.textContent).toContain('118 kΩ'));
    expect(drawing.textContent).toContain('brown');
});
