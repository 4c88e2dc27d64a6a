import { cleanup, fireEvent, render } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { Diagram } from '../api/types';
import { Ladder } from './ladder';

afterEach(cleanup);

const diagram: Diagram = {
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
        {
            part: 'HP',
            shape: 'pressure',
            caption: '',
            label: 'High-pressure switch',
            left: 'HP.1',
            right: 'HP.2',
            x1: 80,
            x2: 172,
            y: 50,
            strokes: 'M0 0',
            seen: null,
        },
        {
            part: 'K',
            shape: 'coil',
            caption: 'coil',
            label: 'Relay',
            left: 'K.1',
            right: 'K.3',
            x1: 200,
            x2: 292,
            y: 50,
            strokes: 'M0 0',
            seen: 'pulled in',
        },
    ],
    conductors: [
        {
            wire: 'w1',
            from: 'A.1',
            to: 'HP.1',
            path: [
                [20, 50],
                [80, 50],
            ],
        },
    ],
    energy: { 'A.1': 'live', 'HP.1': 'live', 'HP.2': 'dead', 'K.1': 'dead', 'K.3': 'common' },
    drawn_as: null,
    wires: [{ id: 'w1', from: 'A.1', to: 'HP.1', colour: 'yellow', gauge: 18 }],
    parts: {},
};

const draw = (props: Partial<Parameters<typeof Ladder>[0]> = {}) =>
    render(
        <Ladder
            diagram={diagram}
            probes={{ red: null, black: null }}
            proved={[]}
            lifted={[]}
            onPoint={() => {}}
            onPart={() => {}}
            {...props}
        />,
    );

it('highlights a live conductor and leaves a dead one bare', () => {
    const { container } = draw();
    expect(container.querySelector('path.mark.live')?.getAttribute('d')).toBe('M20 50L80 50');
    const cut = draw({ diagram: { ...diagram, energy: { ...diagram.energy, 'HP.1': 'dead' } } });
    expect(cut.container.querySelector('path.mark.dead')).not.toBeNull();
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

it('ticks a proved part and breaks a lifted wire', () => {
    const { container } = draw({ proved: ['HP'], lifted: ['w1'] });
    expect(container.querySelectorAll('[aria-label=proved]').length).toBe(1);
    expect(container.querySelector('path.ink[stroke-dasharray]')).not.toBeNull();
});
