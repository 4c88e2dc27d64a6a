import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { aPart, aSheet } from '../testing/shapes';
import { standing } from './standing';
import { WiredView } from './wired-view';

afterEach(cleanup);

vi.stubGlobal(
    'ResizeObserver',
    class {
        observe() {}
        disconnect() {}
    },
);

const sheet = aSheet({
    parts: [
        aPart('HP', { label: 'High-pressure switch', place: 'outdoor unit' }),
        aPart('AH', { label: 'Terminal strip', place: 'air handler', points: ['AH.Y'] }),
        aPart('LP', { label: 'Low-pressure switch', place: 'outdoor unit' }),
    ],
    wires: [
        { id: 'w1', colour: 'yellow', from: 'AH.Y', to: 'HP.1', gauge: 18, bundle: 'field' },
        { id: 'w2', colour: 'pink', from: 'HP.2', to: 'LP.1', gauge: 18, bundle: '' },
    ],
});

it('has each place with its parts, each terminal with its wires by colour and where they go, and takes a tap on all of them', () => {
    const on = { onPoint: vi.fn(), onPart: vi.fn(), onWire: vi.fn() };
    const is = standing({
        points: [{ point: 'HP.1', energy: 'live' }],
        symbols: [],
        wires: [{ wire: 'w2', energy: 'dead', whole: false }],
    });
    const { container } = render(
        <WiredView
            sheet={sheet}
            is={is}
            known={{ proved: ['LP'], inDoubt: ['HP'] }}
            probes={{ red: 'HP.1', black: null }}
            chosen="w2"
            {...on}
        />,
    );
    expect(screen.getAllByRole('heading').map((h) => h.textContent)).toEqual(['outdoor unit', 'air handler']);
    const said = (point: string) => container.querySelector(`[data-terminal="${point}"]`)?.textContent;
    expect(said('HP.1')).toBe('live1Ryellow to AH.Y · field');
    expect(said('HP.2')).toBe('dead2pink to LP.1 off');
    expect(container.querySelectorAll('[data-run=w2][data-wanted=true]').length).toBe(2);
    expect(screen.getByText('✓ proved')).toBeTruthy();
    expect(screen.getByText('in doubt')).toBeTruthy();
    fireEvent.click(container.querySelector('[data-terminal="HP.2"] button') as Element);
    fireEvent.click(container.querySelector('[data-terminal="AH.Y"] [data-run=w1]') as Element);
    fireEvent.click(screen.getByText('Low-pressure switch'));
    expect([on.onPoint.mock.calls, on.onWire.mock.calls, on.onPart.mock.calls]).toEqual([[['HP.2']], [['w1']], [['LP']]]);
});

it('draws the wire that is looked at from end to end, in its colour', () => {
    const view = (chosen: string | null) =>
        render(
            <WiredView
                sheet={sheet}
                is={standing({ points: [], symbols: [], wires: [] })}
                known={{ proved: [], inDoubt: [] }}
                probes={{ red: null, black: null }}
                chosen={chosen}
                onPoint={vi.fn()}
                onPart={vi.fn()}
                onWire={vi.fn()}
            />,
        ).container.querySelectorAll('[data-runs] g path:last-child');
    expect([...view('w2')].map((p) => p.getAttribute('stroke'))).toEqual(['#f2a0b8']);
    cleanup();
    expect(view('HP')).toHaveLength(0);
});
