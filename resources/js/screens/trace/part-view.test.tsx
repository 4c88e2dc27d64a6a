import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { Closeup } from '../../api/shapes';
import { aDrawing, aPart, aSheet, aTrace } from '../../testing/shapes';
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
