import type { RungContact, Trace } from '../../api/shapes';

export type Stop = RungContact['stop'];

/** The stops of a call, in the order of work. */
export const STOPS: readonly [Stop, string][] = [
    ['arrive', 'Arrive'],
    ['trace', 'Trace'],
    ['cause', 'Cause'],
    ['repair', 'Repair'],
    ['verify', 'Verify'],
    ['hand-over', 'Hand over'],
];

export const CONTACT: Record<RungContact['contact'], string> = {
    seen: 'Seen',
    found: 'Found',
    cause: 'Cause',
    repaired: 'Repaired',
    restored: 'Restored',
    verified: 'Verified',
    told: 'Told',
};

export const passes = (contact: RungContact) => contact.closed || contact.waived !== null;

/** The contact at which the rung is open. */
export const openAt = (trace: Trace) => trace.rung.find((c) => !passes(c));

/** Where a call goes on: at its first open contact; a closed one with what was handed over. */
export const nextStop = (trace: Trace): Stop => (trace.standing.closed ? 'hand-over' : (openAt(trace)?.stop ?? 'hand-over'));

export const stopPath = (call: string | number, stop: Stop) => `/calls/${call}/${stop}`;
