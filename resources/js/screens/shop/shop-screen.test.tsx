import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, expect, it, vi } from 'vitest';
import type { Habits } from '../../api/shapes';
import { aUser } from '../../testing/shapes';
import { ShopScreen } from './shop-screen';

const oda = aUser({
    units: { temperature: '°F' },
    preferences: [{ dimension: 'temperature', units: ['°F', '°C'] }],
});

const habits = (may_change: boolean): Habits => ({
    habits: [
        {
            habit: 'weak capacitor',
            choices: ['±6 %', 'shop: −10 %'],
            chosen: '±6 %',
            why: 'Its mark is what the motor was built for.',
            acts: 'On the bench.',
        },
    ],
    may_change,
});

const put: [to: string, body: unknown][] = [];

function open(lead: boolean, refuses = false) {
    put.splice(0);
    vi.stubGlobal(
        'fetch',
        vi.fn(async (to: string, init?: RequestInit) => {
            if (init?.method === 'PUT') {
                put.push([to, JSON.parse(String(init.body))]);
                return refuses
                    ? new Response(JSON.stringify({ message: 'Only a lead.' }), { status: 422 })
                    : new Response(JSON.stringify(to.endsWith('habits') ? habits(lead) : oda), { status: 200 });
            }
            return new Response(JSON.stringify(habits(lead)), { status: 200 });
        }),
    );
    render(
        <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
            <ShopScreen user={oda} />
        </QueryClientProvider>,
        { wrapper: MemoryRouter },
    );
}

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

it('shows which unit is read in, and takes another', async () => {
    open(false);
    expect(screen.getByRole('button', { name: '°F' }).getAttribute('aria-pressed')).toBe('true');
    fireEvent.click(screen.getByRole('button', { name: '°C' }));
    await waitFor(() => expect(put).toEqual([['/api/session/units', { units: { temperature: '°C' } }]]));
});

it("says the shop's habits to a technician, and who changes them", async () => {
    open(false);
    expect(await screen.findByText('±6 %')).toBeTruthy();
    expect(screen.getByText('A lead changes these.')).toBeTruthy();
    expect(screen.queryByRole('button', { name: '±6 %' })).toBeNull();
});

it('lets a lead change a habit, and says why one is usual', async () => {
    open(true);
    fireEvent.click(await screen.findByRole('button', { name: 'shop: −10 %' }));
    await waitFor(() => expect(put).toEqual([['/api/shop/habits', { habit: 'weak capacitor', choice: 'shop: −10 %' }]]));
    expect(screen.getByText(/Usual: ±6 %. Its mark is what/)).toBeTruthy();
    expect(screen.queryByText('A lead changes these.')).toBeNull();
});

it('says what is refused', async () => {
    open(true, true);
    fireEvent.click(await screen.findByRole('button', { name: 'shop: −10 %' }));
    expect((await screen.findByRole('alert')).textContent).toContain('Only a lead.');
});
