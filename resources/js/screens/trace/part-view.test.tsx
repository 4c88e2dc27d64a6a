import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { Closeup } from '../../api/shapes';
import { aDrawing, anAdvice, aPart, aSheet, aTrace } from '../../testing/shapes';
import { AloneView } from './alone-view';
import { Keypad } from './keypad';
import { PartView } from './part-view';

afterEach(cleanup);

const symbol = { y: 50, x: 80, width: 92, said: [126, 90] as [number, number], open: 'M0 0', closed: 'M1 1', ends: [] };

const rung = (number: number, ...shapes: [string, 'coil' | 'contact'][]): Closeup => ({
    number,
    section: 'Control',
    feeds: [],
    drawing: aDrawing({ symbols: shapes.map(([part, shape], n) => ({ ...symbol, id: `${part} ${shape} ${n}`, part, shape })) }),
});

it('goes from a coil to its contacts and back, rung by rung', () => {
    const show = vi.fn();
    const sheet = aSheet({ rungs: [rung(1, ['CC', 'contact']), rung(2, ['HP', 'contact']), rung(3, ['CC', 'coil'])] });
    render(<PartView part={aPart('CC')} sheet={sheet} trace={aTrace()} put={vi.fn()} shown={3} show={show} />);
    const keys = screen.getByRole('group', { name: 'Drawn on' }).querySelectorAll('button');
    expect([...keys].map((k) => k.textContent)).toEqual(['contact · rung 1', 'coil · rung 3']);
    expect([...keys].map((k) => k.getAttribute('aria-pressed'))).toEqual(['false', 'true']);
    fireEvent.click(screen.getByText('contact · rung 1'));
    expect(show).toHaveBeenCalledWith(1);
});

it('offers no other rung of what is drawn on one', () => {
    const sheet = aSheet({ rungs: [rung(1, ['HP', 'contact'])] });
    render(<PartView part={aPart('HP')} sheet={sheet} trace={aTrace()} put={vi.fn()} shown={1} show={vi.fn()} />);
    expect(screen.queryByRole('group', { name: 'Drawn on' })).toBeNull();
});

it('has one key for what a healthy unit shows on the keypad too, which the = key presses', () => {
    const enter = vi.fn();
    render(<Keypad fn="vac" entered="" setEntered={enter} healthy="26.7" ready={false} />);
    document.querySelector<HTMLButtonElement>('[data-as-expected]')?.click();
    expect(enter).toHaveBeenCalledWith('26.7');
    expect(document.querySelectorAll('[data-as-expected]')).toHaveLength(1);
});

it('asks for what tells of a part by itself, and takes one of the tests', () => {
    const alone = {
        target: null,
        tests: null,
        fed: [],
        problem: null,
        advice: undefined,
        ask: vi.fn(),
        choose: vi.fn(),
        leave: vi.fn(),
    };
    const take = vi.fn();
    const { rerender } = render(<AloneView target="CC" alone={alone} take={take} />);
    fireEvent.click(screen.getByText('Test it by itself'));
    expect(alone.ask).toHaveBeenCalledWith('CC');
    rerender(<AloneView target="CC" alone={{ ...alone, target: 'CC' }} take={take} />);
    expect(screen.getByText('Working it out.')).toBeTruthy();
    const tests = [anAdvice({ key: 'ohms CC.A CC.B', title: 'Ohms across Contactor, A to B', healthy: '12.0 Ω' })];
    rerender(<AloneView target="CC" alone={{ ...alone, target: 'CC', tests }} take={take} />);
    fireEvent.click(screen.getByText(/healthy: 12.0 Ω/));
    expect(take).toHaveBeenCalledWith('ohms CC.A CC.B');
    const fed = [anAdvice({ key: 'vac CC.L1 CC.T1', title: 'Volts across Contactor, L1 to T1', healthy: '0.1 V' })];
    rerender(<AloneView target="CC" alone={{ ...alone, target: 'CC', tests, fed }} take={take} />);
    expect(screen.getByText('Under load, power on')).toBeTruthy();
    fireEvent.click(screen.getByText(/healthy: 0.1 V/));
    expect(take).toHaveBeenCalledWith('vac CC.L1 CC.T1');
    rerender(<AloneView target="CC" alone={{ ...alone, target: 'CC', tests: [] }} take={take} />);
    expect(screen.getByText(/Nothing that is measured dead/)).toBeTruthy();
});
