import { expect, it } from 'vitest';
import { aSheet, aTrace } from '../../testing/shapes';
import { eventWords } from './event-words';

it('says a reading as it was typed, with its unit where none was', () => {
    const said = (fn: string, entered: string, black = 'CC.B') =>
        eventWords({ type: 'reading', data: { function: fn, red: 'CC.A', black, entered } }, aTrace(), aSheet());
    expect(said('vac', '0')).toBe('V~ CC.A → CC.B  0 V');
    expect(said('vac', '26.7V')).toBe('V~ CC.A → CC.B  26.7V');
    expect(said('ohms', '12k')).toBe('Ω CC.A → CC.B  12k');
    expect(said('continuity', 'OL')).toBe('•)) CC.A → CC.B  OL');
    expect(said('amps', '14.2', '')).toBe('A~ CC.A  14.2 A');
});
