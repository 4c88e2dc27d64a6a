import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { Frame } from '../../api/shapes';
import { Inside } from '../../testing/inside';
import { anEvent, aSheet, aTrace, nothingDrawn, theSuspects } from '../../testing/shapes';
import { reached, whatItDid } from './did';
import { TimeStrip } from './time-strip';
import { useFilm } from './use-film';

afterEach(() => {
    cleanup();
    vi.useRealTimers();
    vi.unstubAllGlobals();
});

const sequence = [
    { at: 1.5, part: 'IND', label: 'Draft motor', does: 'runs' },
    { at: 28.5, part: 'HSI', label: 'Igniter', does: 'glows' },
    { at: 37.5, part: 'GV', label: 'Gas valve', does: 'open' },
];

const saw = (part: string, seen: string, struck: string | null = null) =>
    anEvent({ id: `${part} ${seen}`, type: 'observation', data: { part, seen }, struck });

it('sets what was seen last beside what a healthy unit does; what was struck out does not count', () => {
    const did = (...events: ReturnType<typeof saw>[]) => whatItDid(sequence, events).map((d) => d.did);
    expect(did()).toEqual([null, null, null]);
    expect(did(saw('IND', 'runs'), saw('HSI', 'dark'))).toEqual([true, false, null]);
    expect(did(saw('HSI', 'dark'), saw('HSI', 'glows'))).toEqual([null, true, null]);
    expect(did(saw('HSI', 'dark, glows'))).toEqual([null, true, null]);
    expect(did(saw('IND', 'runs', 'wrong unit'))).toEqual([null, null, null]);
    expect(reached(whatItDid(sequence, [saw('IND', 'runs'), saw('GV', 'open')]))).toBe(1);
    expect(reached(whatItDid(sequence, [saw('IND', 'runs'), saw('HSI', 'glows'), saw('GV', 'open')]))).toBe(3);
});

const frame = (from: number, until: number): Frame => ({ from, until, steps: [], drawn: nothingDrawn });

function Strip({ events = [], onPart }: { events?: ReturnType<typeof saw>[]; onPart: (part: string) => void }) {
    const film = useFilm('7', 0);
    const groups = [{ faults: ['HSI:cracked'], labels: ['Igniter: cracked'], probability: 0.9 }];
    return (
        <TimeStrip
            trace={aTrace({ events, suspects: theSuspects({ groups }) })}
            sheet={aSheet({ sequence })}
            film={film}
            onPart={onPart}
        />
    );
}

it('says where it stopped, and asks what a part did that is touched', () => {
    const onPart = vi.fn();
    const { container } = render(<Strip events={[saw('IND', 'runs'), saw('HSI', 'dark')]} onPart={onPart} />, {
        wrapper: Inside,
    });
    const said = [...container.querySelectorAll('[data-step-of]')].map((s) => s.textContent);
    expect(said).toEqual(['2 sDraft motor runs', 'not soIgniter dark', '38 sGas valve open']);
    fireEvent.click(screen.getByText('Igniter'));
    expect(onPart).toHaveBeenCalledWith('HSI');
});

it('plays a story of the model, holds it, goes on by steps, and gives the drawing back', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true });
    const story = { with: 'Igniter: cracked', frames: [frame(0, 1.5), frame(1.5, 28.5), frame(40, 120)] };
    const fetch = vi.fn().mockResolvedValue(new Response(JSON.stringify(story), { status: 200 }));
    vi.stubGlobal('fetch', fetch);
    const { container } = render(<Strip onPart={() => {}} />, { wrapper: Inside });
    fireEvent.click(screen.getByText('▶ With the first suspect'));
    await screen.findByText('Igniter: cracked: 0 s after the call');
    expect(String(fetch.mock.calls[0]?.[0])).toContain('story?fault=HSI%3Acracked');
    await act(async () => vi.advanceTimersByTime(1500));
    screen.getByText('Igniter: cracked: 2 s after the call');
    expect(container.querySelector('[data-step-of=IND]')?.getAttribute('data-done')).toBe('true');
    expect(container.querySelector('[data-step-of=HSI]')?.getAttribute('data-done')).toBe('false');
    fireEvent.click(screen.getByText('Pause'));
    await act(async () => vi.advanceTimersByTime(9000));
    screen.getByText('Igniter: cracked: 2 s after the call');
    fireEvent.click(screen.getByLabelText('A step on'));
    screen.getByText('Igniter: cracked: 40 s after the call');
    fireEvent.click(screen.getByLabelText('A step back'));
    screen.getByText('Igniter: cracked: 2 s after the call');
    fireEvent.click(screen.getByText('As it stands'));
    screen.getByText('▶ Healthy');
});
