import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { aCondition, aPart, aSheet, aStanding, aTrace } from '../../testing/shapes';
import { Conditions } from './conditions';
import { FindPoint } from './find-point';
import { ProveDead } from './prove-dead';
import { Seen } from './seen';
import { Suspects } from './suspects';

afterEach(cleanup);

const groups = [
    { faults: ['a', 'b', 'c'], labels: ['Switch open', 'Pressure high', 'Wire off'], probability: 0.62 },
    { faults: ['d'], labels: ['Coil open'], probability: 0.38 },
];

const suspects = { total: 150, in_play: 3, unexplained: [], doubted: null, alone: null, groups, more: 0, found: null };

it('sets a condition and lands a lead with one tap each', () => {
    const set = vi.fn();
    const land = vi.fn();
    const { container } = render(
        <Conditions trace={aTrace({ standing: aStanding({ lifted: ['w24'] }) })} disabled={false} set={set} land={land} />,
    );
    fireEvent.click(container.querySelector('[data-condition=breaker]') as Element);
    fireEvent.click(container.querySelector('[data-lifted=w24]') as Element);
    expect(set).toHaveBeenCalledWith('breaker', false);
    expect(land).toHaveBeenCalledWith('w24');
});

it('does not let the proof begin while a feed is on', () => {
    const send = vi.fn().mockResolvedValue(true);
    render(<ProveDead open onOpenChange={() => {}} trace={aTrace({ suspects })} disabled={false} problem={null} send={send} />);
    for (const box of screen.getAllByRole('checkbox')) {
        expect((box as HTMLInputElement).disabled).toBe(true);
    }
    fireEvent.click(screen.getByText('breaker: switch off and lock out'));
    expect(send).toHaveBeenCalledWith('condition', { name: 'breaker', value: false });
});

it('takes the proof only when all three steps are done', () => {
    const send = vi.fn().mockResolvedValue(true);
    const off = aTrace({ standing: aStanding({ conditions: [aCondition('breaker', false, true)] }) });
    render(<ProveDead open onOpenChange={() => {}} trace={off} disabled={false} problem={null} send={send} />);
    const done = screen.getByText('Proved dead') as HTMLButtonElement;
    const boxes = screen.getAllByRole('checkbox');
    for (const box of boxes) {
        expect(done.disabled).toBe(true);
        fireEvent.click(box);
    }
    fireEvent.click(done);
    expect(send).toHaveBeenCalledWith('proved-dead', { known_before: true, circuit_dead: true, known_after: true });
});

it('shows what is alike as one and says how many more', () => {
    render(<Suspects trace={aTrace({ suspects })} />);
    expect(screen.getByText(/3 left of 150/)).toBeTruthy();
    expect(screen.getByText('or 1 more alike')).toBeTruthy();
    expect(screen.getByText('62 %')).toBeTruthy();
    expect(screen.queryByRole('alert')).toBeNull();
});

it('says what is not explained and which reading to take again', () => {
    const odd = '49.0 V on HP.1 → LV.C';
    render(<Suspects trace={aTrace({ suspects: { ...suspects, unexplained: [odd], doubted: odd } })} />);
    expect(screen.getByRole('alert').textContent).toContain(`Not explained: ${odd}.`);
    expect(screen.getByRole('alert').textContent).toContain(`Take ${odd} again`);
});

it('says on which reading a finding would rest alone', () => {
    render(<Suspects trace={aTrace({ suspects: { ...suspects, alone: 'OL on COMP.R → COMP.C' } })} />);
    expect(screen.getByText(/All of this rests on/).textContent).toContain('OL on COMP.R → COMP.C');
    expect(screen.queryByRole('alert')).toBeNull();
});

it('offers what can be seen of a part and nothing else', () => {
    const pick = vi.fn();
    render(
        <Seen
            part="OFM"
            label="Outdoor fan motor"
            choices={['runs', 'hums', 'silent']}
            disabled={false}
            pick={pick}
            cancel={() => {}}
        />,
    );
    fireEvent.click(screen.getByText('hums'));
    expect(pick).toHaveBeenCalledWith('hums', undefined);
    fireEvent.click(screen.getByText('at once'));
    fireEvent.click(screen.getByText('hums'));
    expect(pick).toHaveBeenLastCalledWith('hums', 'at once');
    fireEvent.click(screen.getByText('comes and goes'));
    fireEvent.click(screen.getByText('silent'));
    fireEvent.click(screen.getByText('runs'));
    fireEvent.click(screen.getByText('Keep what was seen'));
    expect(pick).toHaveBeenLastCalledWith('runs, silent', 'comes and goes');
});

it('finds a point by its name, its part or its place', () => {
    const pick = vi.fn();
    const circuit = aSheet({
        parts: [
            aPart('HP', { label: 'High-pressure switch', points: ['HP.1'] }),
            aPart('AH', { label: 'Terminal strip', points: ['AH.R'], place: 'air handler' }),
        ],
    });
    render(<FindPoint open onOpenChange={() => {}} circuit={circuit} lead="black" pick={pick} />);
    const field = screen.getByLabelText('Find a point');
    for (const [text, count] of [
        ['pressure', 1],
        ['air handler', 1],
        ['hp.1', 1],
        ['', 2],
        ['zzz', 0],
    ] as const) {
        fireEvent.change(field, { target: { value: text } });
        expect(document.querySelectorAll('li').length).toBe(count);
    }
    expect(screen.getByText('No point is called that on this unit.')).toBeTruthy();
    fireEvent.change(field, { target: { value: 'terminal' } });
    fireEvent.click(screen.getByText('AH.R'));
    expect(pick).toHaveBeenCalledWith('AH.R', 'black');
});
