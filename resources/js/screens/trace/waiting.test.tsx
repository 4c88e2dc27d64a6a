import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { ApiError } from '../../api/client';
import { EMPTY, type OutboxState } from '../../api/outbox';
import type { EventInput } from '../../api/shapes';
import { Inside } from '../../testing/inside';
import { aCall, aStanding, aTrace } from '../../testing/shapes';
import { Status } from './status';
import { Waiting } from './waiting';

afterEach(cleanup);

const event = (id: string): EventInput => ({ id, type: 'note', noted_at: '2026-11-23T09:30:00Z', data: { text: id } });

const show = (state: Partial<OutboxState>) => {
    const calls = { flush: vi.fn().mockResolvedValue(undefined), discard: vi.fn(), forget: vi.fn() };
    render(<Waiting outbox={{ ...EMPTY, ...state, ...calls }} />);
    return calls;
};

it('is silent while everything has gone out', () => {
    show({});
    expect(screen.queryByRole('alert')).toBeNull();
});

it('is silent while something is on its way and nothing is wrong', () => {
    show({ waiting: [event('a')], busy: true });
    expect(screen.queryByRole('alert')).toBeNull();
});

it('says how many wait and why, and sends them again', () => {
    const calls = show({ waiting: [event('a'), event('b')], error: new ApiError(0, 'No connection.') });
    expect(screen.getByRole('alert').textContent).toContain('2 waiting. No connection.');
    fireEvent.click(screen.getByText('Send again'));
    expect(calls.flush).toHaveBeenCalled();
});

it('leaves an ended session to the way to sign in again', () => {
    show({ waiting: [event('a')], error: new ApiError(419, 'expired') });
    expect(screen.queryByRole('alert')).toBeNull();
});

it('says why the last thing was not taken, until it is dismissed', () => {
    const calls = show({ refusal: 'The note is empty.' });
    expect(screen.getByRole('alert').textContent).toContain('The note is empty.');
    fireEvent.click(screen.getByLabelText('Dismiss'));
    expect(calls.forget).toHaveBeenCalled();
});

it('says of each event that was refused later which it was and why, and drops only the one that was read', () => {
    const calls = show({
        refused: [
            { call: '7', event: event('a'), refused: 'This call is closed.' },
            { call: '7', event: event('b'), refused: 'This call is closed.' },
        ],
    });
    expect(screen.getAllByRole('alert')).toHaveLength(2);
    expect(screen.getAllByRole('alert')[0]?.textContent).toContain(
        'Not taken, note of 2026-11-23T09:30:00Z: This call is closed.',
    );
    fireEvent.click(screen.getAllByLabelText('Dismiss')[1] as Element);
    expect(calls.discard).toHaveBeenCalledWith('b');
});

const status = (over: Parameters<typeof aStanding>[0]) =>
    render(
        <Inside>
            <Status trace={aTrace({ call: aCall(), standing: aStanding(over) })} stop="trace" />
        </Inside>,
    );

it('says LIVE, and how live', () => {
    status({ highest_volts: 239.6 });
    expect(screen.getByRole('status').textContent).toContain('LIVE');
    expect(screen.getByRole('status').textContent).toContain('up to 240 V between leads');
});

it('takes what is switched off and not proved dead for live', () => {
    status({ conditions: [] });
    expect(screen.getByRole('status').textContent).toContain('LIVE');
    expect(screen.getByRole('status').textContent).toContain('switched off, not proved');
});

it('says PROVED DEAD, and that capacitors are not', () => {
    status({ proved_dead: true });
    expect(screen.getByRole('status').textContent).toContain('PROVED DEAD');
    expect(screen.getByRole('status').textContent).toContain('capacitors hold charge');
});
