import type { LogEvent, SequenceStep } from '../../api/shapes';

/** A step of what a healthy unit does, and what this one did. */
export interface Done {
    step: SequenceStep;
    /** null: nobody has looked */
    did: boolean | null;
    /** what was seen of the part last; empty where nobody has looked */
    seen: string;
}

/** What was seen last of each part, beside what a healthy unit does. Of a start that was watched, everything that was seen counts. */
export function whatItDid(sequence: SequenceStep[], events: LogEvent[]): Done[] {
    const seen = new Map<string, string>();
    for (const e of events) {
        if (e.type === 'observation' && e.struck === null) {
            seen.set(String(e.data.part), String(e.data.seen));
        }
    }
    return sequence.map((step) => {
        const last = seen.get(step.part);
        return { step, did: last === undefined ? null : last.split(', ').includes(step.does), seen: last ?? '' };
    });
}

/** How many steps from the first are known to have been done. */
export function reached(done: Done[]): number {
    const stop = done.findIndex((d) => d.did !== true);
    return stop < 0 ? done.length : stop;
}
