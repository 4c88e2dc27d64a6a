import { useMemo, useState } from 'react';
import type { Advice, MeterFunction } from '../../api/shapes';
import type { Probes } from '../../diagram/probes';
import { goesOnWires } from './functions';

export interface Meter {
    probes: Probes;
    fn: MeterFunction;
}

/** Both leads in the air. */
export const NOWHERE: Probes = { red: null, black: null };

/** The meter in the hand: as the next test asks for it, or as somebody has set it. */
export function useMeter(next: Advice[]) {
    const [choice, setChoice] = useState(0);
    const [own, setOwn] = useState<Meter | null>(null);
    const [lead, setLead] = useState<'red' | 'black'>('red');
    const [entered, setEntered] = useState('');
    const [turns, setTurns] = useState(1);
    const advice = next[choice % Math.max(1, next.length)];
    const asked = useMemo(
        (): Meter =>
            advice === undefined || advice.function === null
                ? { probes: NOWHERE, fn: 'vac' }
                : { probes: { red: advice.red, black: advice.black }, fn: advice.function },
        [advice],
    );
    const meter = own ?? asked;
    return {
        advice,
        meter,
        isOwn: own !== null,
        lead,
        setLead,
        entered,
        setEntered,
        turns,
        setTurns,
        /** the next test, as it is after something was learned */
        fresh: () => {
            setOwn(null);
            setChoice(0);
            setEntered('');
            setLead('red');
            setTurns(1);
        },
        other: () => {
            setOwn(null);
            setEntered('');
            setChoice((n) => n + 1);
        },
        /** a lead on a point; the next tap moves the other one */
        put: (point: string, which: 'red' | 'black' = lead) => {
            setOwn({ fn: meter.fn, probes: { ...meter.probes, [which]: point } });
            setLead(which === 'red' ? 'black' : 'red');
        },
        on: (probes: Probes, fn: MeterFunction = meter.fn) => setOwn({ fn, probes }),
        turnTo: (fn: MeterFunction) => setOwn({ fn, probes: goesOnWires(fn) === goesOnWires(meter.fn) ? meter.probes : NOWHERE }),
        take: () => setOwn(meter),
    };
}

export type MeterInHand = ReturnType<typeof useMeter>;
