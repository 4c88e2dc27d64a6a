import { useEffect, useState } from 'react';
import type { CircuitSheet, LogEvent, Trace } from '../../api/shapes';
import type { Send, Settling } from '../../api/use-outbox';
import { eventWords } from './event-words';

/** So long what was just said can be taken back by one key. Seconds. */
const UNDO = 10;

interface Props {
    trace: Trace;
    /** what has just been taken, before the trace has it */
    settling: Settling | null;
    circuit: CircuitSheet;
    disabled: boolean;
    send: Send;
}

/** What the last reading meant, at once; and the key that takes it back while the hand is still there. */
export function LastMeaning({ trace, settling, circuit, disabled, send }: Props) {
    const last = trace.events.findLast((e) => e.meaning !== null && e.struck === null);
    const fresh = useFresh(last);
    const meaning = settling?.meaning ?? last?.meaning ?? null;
    const event = settling?.event ?? last;
    if (event === undefined || meaning === null) {
        return null;
    }
    const { as_healthy, text } = meaning;
    return (
        <section
            aria-label="Last reading"
            className="border-ink border-b-2 px-5 py-1.5 max-lg:px-4"
            data-last-meaning
            aria-live="polite"
        >
            <p className="flex items-baseline justify-between gap-3 leading-tight">
                <span className="font-mono tabular-nums">{eventWords(event, trace, circuit)}</span>
                {fresh && settling === null && last !== undefined && (
                    <button
                        type="button"
                        className="-my-2 min-h-[44px] shrink-0 font-bold underline underline-offset-4"
                        data-undo
                        disabled={disabled}
                        onClick={() => void send('strike', { event: last.id, reason: 'taken back at once' })}
                    >
                        Undo
                    </button>
                )}
            </p>
            <p className="leading-snug">
                <strong className={as_healthy ? 'text-good' : 'text-odd'}>
                    {as_healthy ? '✓ As healthy.' : '✗ Not as healthy.'}
                </strong>{' '}
                {text}
            </p>
        </section>
    );
}

/** Whether it came while this was open, and is not ten seconds old. */
function useFresh(last: LogEvent | undefined): boolean {
    const [first] = useState(last?.id);
    const [stale, setStale] = useState(first);
    const id = last?.id;
    useEffect(() => {
        const timer = setTimeout(() => setStale(id), UNDO * 1000);
        return () => clearTimeout(timer);
    }, [id]);
    return id !== undefined && id !== stale && id !== first;
}
