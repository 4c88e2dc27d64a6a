import { cleanup, fireEvent, render } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { DrawnState, Energy } from '../api/shapes';
import { aPart, aSheet } from '../testing/shapes';
import { Ladder } from './ladder';

afterEach(cleanup);

const symbol = { caption: '', y: 50, open: 'M0 0', closed: 'M1 1' };

const sheet = aSheet({
    drawing: {
        width: 300,
        height: 100,
        titles: [{ title: 'Control', y: 10 }],
        rails: [],
        points: [
            { point: 'A.1', x: 20, y: 50 },
            { point: 'HP.1', x: 80, y: 50 },
            { point: 'HP.2', x: 172, y: 50 },
        ],
        symbols: [
            { ...symbol, id: 'HP 1 2', part: 'HP', shape: 'pressure', left: 'HP.1', right: 'HP.2', x1: 80, x2: 172 },
            { ...symbol, id: 'K 1 3', part: 'K', shape: 'coil', left: 'K.1', right: 'K.3', x1: 200, x2: 292 },
        ],
        conductors: [
            {
                id: 'w1',
                wire: 'w1',
                from: 'A.1',
                to: 'HP.1',
                path: [
                    [20, 50],
                    [80, 50],
                ],
            },
        ],
    },
    parts: [
        aPart('HP', { label: 'High-pressure switch' }),
        aPart('K', { label: 'Relay', observables: ['pulled in', 'dropped out'] }),
    ],
    wires: [{ id: 'w1', from: 'A.1', to: 'HP.1', colour: 'yellow', gauge: 18 }],
});

const drawn = (wire: Energy = 'live', across: Energy = 'dead', whole = true): DrawnState => ({
    points: [],
    symbols: [
        { id: 'HP 1 2', closed: across !== 'dead', left: 'live', right: across, across, seen: '' },
        { id: 'K 1 3', closed: false, left: 'dead', right: 'common', across: 'dead', seen: 'dropped out' },
    ],
    conductors: [{ id: 'w1', energy: wire, whole }],
});

const draw = (props: Partial<Parameters<typeof Ladder>[0]> = {}) =>
    render(
        <Ladder
            sheet={sheet}
            drawn={drawn()}
            probes={{ red: null, black: null }}
            proved={[]}
            onPoint={() => {}}
            onPart={() => {}}
            {...props}
        />,
    );

it('highlights a conductor as the core says it stands', () => {
    for (const energy of ['live', 'common', 'backfed', 'dead'] as const) {
        const { container, unmount } = draw({ drawn: drawn(energy) });
        expect(container.querySelector(`path.mark.${energy}[d="M20 50L80 50"]`)).not.toBeNull();
        unmount();
    }
});

it('bridges a closed contact whatever its shape, and draws it closed', () => {
    const { container } = draw({ drawn: drawn('live', 'live') });
    expect(container.querySelector('path.mark.live[d="M106 50H146"]')).not.toBeNull();
    expect(container.querySelector('path.ink[d="M1 1"]')).not.toBeNull();
    cleanup();
    const open = draw();
    expect(open.container.querySelector('path.mark.live[d="M106 50H146"]')).toBeNull();
});

it('puts a probe where it is told, by touch and from the keyboard', () => {
    const onPoint = vi.fn();
    const { container } = draw({ onPoint, probes: { red: 'HP.1', black: null } });
    const point = container.querySelector('[data-point="HP.2"]') as Element;
    fireEvent.click(point);
    fireEvent.keyDown(point, { key: 'Enter' });
    expect(onPoint.mock.calls).toEqual([['HP.2'], ['HP.2']]);
    expect(container.querySelector('[data-probe=red]')?.textContent).toBe('HP.1');
    expect(container.querySelector('[data-probe=black]')).toBeNull();
});

it('asks what is seen only of parts that can be seen to do something', () => {
    const onPart = vi.fn();
    const { container } = draw({ onPart });
    expect(container.querySelector('[aria-label="What is seen of High-pressure switch"]')).toBeNull();
    fireEvent.click(container.querySelector('[aria-label="What is seen of Relay"]') as Element);
    expect(onPart).toHaveBeenCalledWith('K');
});

it('ticks a proved part and breaks a wire that does not conduct', () => {
    const { container } = draw({ proved: ['HP'], drawn: drawn('live', 'dead', false) });
    expect(container.querySelectorAll('[aria-label=proved]').length).toBe(1);
    expect(container.querySelector('path.ink[stroke-dasharray]')).not.toBeNull();
});
