import type { CircuitSheet, Trace } from '../../api/shapes';
import { eventWords } from './event-words';

/** What the last reading meant, at once. */
export function LastMeaning({ trace, circuit }: { trace: Trace; circuit: CircuitSheet }) {
    const last = trace.events.findLast((e) => e.meaning !== null && e.struck === null);
    if (last === undefined || last.meaning === null) {
        return null;
    }
    return (
        <section aria-label="Last reading" className="border-ink border-b-2 px-5 py-3" data-last-meaning>
            <p className="font-mono tabular-nums leading-tight">{eventWords(last, trace, circuit)}</p>
            <p className={`font-bold text-lg ${last.meaning.as_healthy ? 'text-good' : 'text-odd'}`}>{last.meaning.text}</p>
        </section>
    );
}
