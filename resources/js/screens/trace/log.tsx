import { useState } from 'react';
import { Link } from 'react-router';
import type { CircuitSheet, LogEvent, Trace } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';
import { keepFor } from '../../ui/keep-for';
import { StrikeSheet } from '../../ui/strike-sheet';
import { useShopTime } from '../../ui/use-shop-time';
import { VerdictMark } from '../../ui/verdict-mark';
import { eventWords } from './event-words';

interface Props {
    trace: Trace;
    circuit: CircuitSheet;
    disabled: boolean;
    send: Send;
}

/** The record, newest first. A wrong line is struck out, never erased. */
export function Log({ trace, circuit, disabled, send }: Props) {
    const [note, setNote] = useState('');
    const [striking, setStriking] = useState<LogEvent | null>(null);
    const { id: call, imported, number, unit } = trace.call;
    const { moment } = useShopTime();
    return (
        <section aria-label="Log" className="px-5 pt-3 pb-8">
            <h2 className="heading">Log · {trace.events.length}</h2>
            {imported !== null && (
                <p className="py-2 font-bold" data-imported>
                    Taken in from a call file by {imported.by}, {moment(imported.at)}.
                </p>
            )}
            <ol>
                {[...trace.events].reverse().map((event) => {
                    const { struck, meaning } = event;
                    return (
                        <li
                            key={event.id}
                            data-event={event.type}
                            className="grid grid-cols-[2ch_1fr_auto] items-center gap-x-3 border-rule border-b py-1"
                        >
                            <span className="font-mono text-quiet tabular-nums">{event.sequence}</span>
                            <span className="min-w-0 break-words">
                                <span className={`font-mono tabular-nums ${struck === null ? '' : 'line-through'}`}>
                                    {eventWords(event, trace, circuit)}
                                </span>
                                {event.verdict !== null && (
                                    <span className="block text-sm">
                                        <VerdictMark verdict={event.verdict.verdict}>{event.verdict.headline}</VerdictMark>
                                    </span>
                                )}
                                {meaning !== null && (
                                    <span className={`block font-bold text-sm ${meaning.as_healthy ? 'text-good' : 'text-odd'}`}>
                                        {meaning.text}
                                    </span>
                                )}
                            </span>
                            {event.strikable && !disabled ? (
                                <button
                                    type="button"
                                    className="min-h-[44px] px-2 text-sm underline underline-offset-4"
                                    onClick={() => setStriking(event)}
                                >
                                    Strike
                                </button>
                            ) : (
                                <span />
                            )}
                        </li>
                    );
                })}
            </ol>
            {trace.events.length === 0 && (
                <p className="py-2 text-quiet">Nothing yet. Ask and look first: what runs, what does not?</p>
            )}
            {!disabled && (
                <form
                    className="mt-3 grid grid-cols-[1fr_auto] gap-2"
                    onSubmit={(e) => {
                        e.preventDefault();
                        void send('note', { text: note }).then((sent) => sent && setNote(''));
                    }}
                >
                    <input
                        className="field"
                        name="note"
                        aria-label="Note"
                        placeholder="Note"
                        value={note}
                        onChange={(e) => setNote(e.target.value)}
                    />
                    <button type="submit" className="key">
                        Add
                    </button>
                </form>
            )}
            <p className="mt-3 flex flex-wrap gap-4 text-sm">
                {!disabled && (
                    <Link
                        className="inline-flex min-h-[44px] items-center underline underline-offset-4"
                        to="/bench"
                        onClick={() => keepFor({ unit: unit.id, name: unit.name, call: { id: call, number } })}
                    >
                        Judge a part on the bench
                    </Link>
                )}
                <a
                    className="inline-flex min-h-[44px] items-center underline underline-offset-4"
                    href={`/api/calls/${call}/call.json`}
                >
                    Call as JSON
                </a>
                <a
                    className="inline-flex min-h-[44px] items-center underline underline-offset-4"
                    href={`/api/calls/${call}/readings.csv`}
                >
                    Readings as CSV
                </a>
                <a
                    className="inline-flex min-h-[44px] items-center underline underline-offset-4"
                    href={`/api/revisions/${trace.revision}/diagram.svg`}
                >
                    Diagram as SVG
                </a>
            </p>
            <StrikeSheet
                open={striking !== null}
                close={() => setStriking(null)}
                strike={(reason) => send('strike', { event: striking?.id, reason })}
            />
        </section>
    );
}
