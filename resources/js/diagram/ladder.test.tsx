import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { Closeup, DrawnState, DrawnText, Energy } from '../api/shapes';
import { aDrawing, aPart, aSheet } from '../testing/shapes';
import { beside, itemsOf } from './along';
import { Ladder } from './ladder';
import { RungWords } from './rung-words';
import { feedsOf, rungsOf, rungWith } from './rungs';
import { standing } from './standing';
import { step } from './viewport';

afterEach(cleanup);

const symbol = { y: 50, width: 92, said: [126, 90] as [number, number], open: 'M0 0', closed: 'M1 1' };

const text = (role: DrawnText['role'], words: string, x: number): DrawnText => ({
    role,
    text: words,
    x,
    y: 20,
    of: '',
    size: 14,
});

const drawing = aDrawing({
    rails: [{ point: 'A.1', x: 20, y1: 20, y2: 50 }],
    joints: [[20, 50]],
    points: [
        { point: 'A.1', x: 20, y: 20, flag: false },
        { point: 'HP.1', x: 80, y: 50, flag: false },
        { point: 'HP.2', x: 172, y: 50, flag: false },
    ],
    symbols: [
        { ...symbol, id: 'HP 1 2', part: 'HP', shape: 'pressure', ends: ['HP.1', 'HP.2'], x: 126 },
        { ...symbol, id: 'K 1 3', part: 'K', shape: 'coil', ends: ['K.1', 'K.3'], x: 246 },
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
    texts: [text('part', 'HP', 126), text('caption', 'coil', 246)],
});

const sheet = aSheet({
    drawing,
    parts: [aPart('HP', { label: 'High-pressure switch' }), aPart('K', { label: 'Relay' })],
    wires: [{ id: 'w1', from: 'A.1', to: 'HP.1', colour: 'yellow', gauge: 18, bundle: '' }],
});

const state = (wire: Energy = 'live', across: Energy = 'dead', whole = true): DrawnState => ({
    points: [{ point: 'HP.1', energy: 'live' }],
    symbols: [
        { id: 'HP 1 2', closed: across !== 'dead', across, seen: '' },
        { id: 'K 1 3', closed: false, across: 'dead', seen: 'dropped out' },
    ],
    wires: [{ wire: 'w1', energy: wire, whole }],
});

const nothing = { onPoint: () => {}, onPart: () => {}, onWire: () => {} };

const draw = (props: Partial<Parameters<typeof Ladder>[0]> = {}) =>
    render(
        <Ladder
            sheet={sheet}
            drawing={drawing}
            is={standing(state())}
            known={{ proved: [], inDoubt: [] }}
            probes={{ red: null, black: null }}
            zoom={1}
            roomy
            chosen={null}
            label="Rung 1"
            {...nothing}
            {...props}
        />,
    );

it('tells what a wire carries by the pen under it and by its ink', () => {
    for (const energy of ['live', 'common', 'backfed', 'ghost', 'dead'] as const) {
        const { container, unmount } = draw({ is: standing(state(energy)) });
        expect(container.querySelector(`path.mark.${energy}[d="M20 50L80 50"]`)).not.toBeNull();
        expect(container.querySelector(`path.ink.${energy}[d="M20 50L80 50"]`)).not.toBeNull();
        expect(container.querySelectorAll('path.core').length).toBe(energy === 'common' ? 1 : 0);
        unmount();
    }
});

it('bridges a closed contact whatever its shape, and draws it closed', () => {
    const { container } = draw({ is: standing(state('live', 'live')) });
    expect(container.querySelector('path.mark.live[d="M106 50H146"]')).not.toBeNull();
    expect(container.querySelector('path.ink[d="M1 1"]')).not.toBeNull();
    cleanup();
    const open = draw();
    expect(open.container.querySelector('path.mark.live[d="M106 50H146"]')).toBeNull();
});

it('takes a tap on a point, on a part and on a wire', () => {
    const on = { onPoint: vi.fn(), onPart: vi.fn(), onWire: vi.fn() };
    const { container } = draw({ ...on, probes: { red: 'HP.1', black: 'A.1' } });
    fireEvent.click(container.querySelector('[data-point="HP.2"]') as Element);
    fireEvent.click(container.querySelector('[data-part=K]') as Element);
    fireEvent.click(container.querySelector('[data-wire=w1]') as Element);
    expect([on.onPoint.mock.calls, on.onPart.mock.calls, on.onWire.mock.calls]).toEqual([[['HP.2']], [['K']], [['w1']]]);
    expect(container.querySelector('[data-probe=red]')?.textContent).toBe('HP.1');
    // on a rail, a lead stands where the rung begins
    expect(container.querySelector('[data-probe=black]')?.getAttribute('transform')).toContain('translate(20 50)');
});

it('is one stop for the keyboard: arrows go along the rung, Enter does what a tap does', () => {
    const on = { onPoint: vi.fn(), onPart: vi.fn(), onWire: vi.fn() };
    const { container } = draw(on);
    const svg = container.querySelector('svg') as Element;
    expect(container.querySelectorAll('[tabindex]').length).toBe(1);
    for (const key of ['ArrowRight', 'ArrowDown', 'ArrowRight', 'Enter', 'ArrowRight', 'Enter']) {
        fireEvent.keyDown(svg, { key });
    }
    expect(container.querySelector('title')?.textContent).toBe('High-pressure switch HP');
    expect([on.onPoint.mock.calls, on.onPart.mock.calls]).toEqual([[['HP.1']], [['HP']]]);
});

it('reads row by row and finds the way up and down', () => {
    const items = itemsOf(drawing);
    expect(items.map((i) => i.id)).toEqual(['A.1', 'w1', 'HP.1', 'HP', 'HP.2', 'K']);
    expect(beside(items, 'part K 1 3', 'ArrowUp')?.id).toBe('A.1');
    expect(beside(items, 'part K 1 3', 'ArrowRight')).toBeUndefined();
    expect(beside(items, 'point 0', 'x')).toBeUndefined();
});

it('says of a part that it is proved or in doubt, and breaks a wire that does not join', () => {
    const { container } = draw({ known: { proved: ['HP'], inDoubt: ['HP', 'K'] }, is: standing(state('live', 'dead', false)) });
    expect([...container.querySelectorAll('.said')].map((s) => s.textContent)).toEqual(['✓ proved', 'in doubt']);
    expect(container.querySelector('path.ink.broken')).not.toBeNull();
    cleanup();
    const small = draw({ known: { proved: ['HP'], inDoubt: ['K'] }, roomy: false });
    expect(small.container.querySelectorAll('.tick title, .doubt title').length).toBe(2);
});

it('leaves texts out when it is small, and makes none smaller than it can be read', () => {
    const sizes = (zoom: number) =>
        [...draw({ zoom, roomy: false }).container.querySelectorAll('text')].map(
            (t) => Number(t.getAttribute('font-size')) * zoom,
        );
    for (const zoom of [0.25, 0.4, 0.6, 0.8, 1, 1.25, 2]) {
        for (const size of sizes(zoom)) {
            expect(size).toBeGreaterThanOrEqual(14);
        }
        cleanup();
    }
    expect(sizes(0.25)).toEqual([]);
    cleanup();
    expect(sizes(0.8).length).toBe(1);
    expect([step(1, true), step(1, false), step(2, true), step(0.1, false)]).toEqual([1.25, 0.8, 2, 0.1]);
});

it('reads a rung in words', () => {
    const is = standing(state('live', 'live'));
    render(<RungWords sheet={sheet} drawing={drawing} is={is} title="Control" />);
    expect(screen.getAllByRole('listitem').map((li) => li.textContent)).toEqual([
        'point A.1, dead.',
        'yellow wire, point HP.1, live, High-pressure switch, closed, point HP.2, dead, Relay.',
    ]);
});

it('chooses the rung with both leads, or one for each, and what feeds them', () => {
    const rung = (number: number, points: string[], feeds: number[] = []): Closeup => ({
        number,
        section: 'Control',
        feeds,
        drawing: aDrawing({ points: points.map((point, n) => ({ point, x: n * 50, y: 0, flag: false })) }),
    });
    const rungs = [
        rung(1, ['R', 'C']),
        rung(2, ['R', 'HP.1', 'HP.2', 'LP.1'], [1]),
        rung(3, ['R', 'HP.1', 'HP.2']),
        rung(4, ['G']),
    ];
    const numbers = (red: string | null, black: string | null) => rungsOf(rungs, { red, black }).map((r) => r.number);
    expect(numbers('HP.1', 'HP.2')).toEqual([3]);
    expect(numbers('HP.1', 'LP.1')).toEqual([2]);
    expect(numbers('LP.1', 'G')).toEqual([2, 4]);
    expect(numbers(null, null)).toEqual([]);
    expect(feedsOf(rungs, rungs.slice(1, 2)).map((r) => r.number)).toEqual([1]);
    expect(rungWith([{ ...rung(5, []), drawing }], 'w1')?.number).toBe(5);
});
