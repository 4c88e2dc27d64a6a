import type { CircuitSheet, Trace } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';
import { useKept } from '../../ui/use-kept';
import { useNow } from '../../ui/use-now';
import { clock, counting } from './events';

interface Props {
    trace: Trace;
    sheet: CircuitSheet;
    disabled: boolean;
    send: Send;
}

/** A watch that is going on; it goes on while other things are done. */
interface Begun {
    /** milliseconds since 1970; null for none */
    since: number | null;
    /** steps of the sequence that it has done */
    done: readonly number[];
    words: string;
}

const NOT_BEGUN: Begun = { since: null, done: [], words: '' };

/** One whole cycle against what a healthy unit of this circuit does, timed from when the call comes on. */
export function Watch({ trace, sheet, disabled, send }: Props) {
    const [begun, setBegun] = useKept<Begun>(`watch.${trace.call.id}`, NOT_BEGUN);
    const { since, done, words } = begun;
    const now = useNow(since !== null);
    const watched = counting(trace, 'watched');
    const seconds = since === null ? 0 : Math.max(0, (now - since) / 1000);
    const missed = sheet.sequence.findIndex((_, n) => !done.includes(n));
    const keep = (asExpected: boolean) =>
        void send('watched', {
            minutes: Math.max(0.1, Math.round(seconds / 6) / 10),
            as_expected: asExpected,
            words,
        }).then((sent) => {
            if (sent) {
                setBegun(NOT_BEGUN);
            }
        });
    return (
        <section aria-label="Watch one full cycle" className="grid gap-2 px-5 pt-5">
            <h2 className="heading">Watch one full cycle</h2>
            {watched.map((e) => (
                <p key={e.id}>
                    Watched for {String(e.data.minutes)} min:{' '}
                    <strong>{e.data.as_expected === true ? 'as it should' : String(e.data.words)}</strong>
                </p>
            ))}
            {since === null ? (
                <>
                    <p>Put the call on as you begin: the times count from then.</p>
                    <button
                        type="button"
                        className="key"
                        disabled={disabled}
                        onClick={() => setBegun({ ...NOT_BEGUN, since: Date.now() })}
                    >
                        Begin to watch
                    </button>
                </>
            ) : (
                <>
                    <p className="font-bold font-mono text-4xl tabular-nums" role="timer">
                        {clock(seconds)}
                    </p>
                    <p>Tap what it has done. Then it should run until what it serves is satisfied, and start again.</p>
                    <ol aria-label="What it should do">
                        {sheet.sequence.map((step, n) => (
                            <li key={`${step.at} ${step.part}`}>
                                <button
                                    type="button"
                                    className="watch-step w-full items-center border-rule border-b text-left leading-tight"
                                    aria-pressed={done.includes(n)}
                                    onClick={() => {
                                        const now = done.includes(n) ? done.filter((m) => m !== n) : [...done, n];
                                        setBegun({ ...begun, done: now });
                                    }}
                                >
                                    <span aria-hidden="true" className="font-bold text-good">
                                        {done.includes(n) ? '✓' : ''}
                                    </span>
                                    <span className="font-mono tabular-nums">{clock(step.at)}</span>
                                    <span className={!done.includes(n) && seconds > step.at + LATE ? 'font-bold text-odd' : ''}>
                                        {step.label}: {step.does}
                                    </span>
                                </button>
                            </li>
                        ))}
                    </ol>
                    <label className="grid gap-1">
                        What it did, if not that
                        <input
                            className="field"
                            name="watched"
                            placeholder={missed < 0 ? '' : `stopped before: ${sheet.sequence[missed]?.label}`}
                            value={words}
                            onChange={(e) => setBegun({ ...begun, words: e.target.value })}
                        />
                    </label>
                    <button type="button" className="key" data-strong="true" disabled={disabled} onClick={() => keep(true)}>
                        A whole cycle, as it should
                    </button>
                    <button type="button" className="key" disabled={disabled || words.trim() === ''} onClick={() => keep(false)}>
                        Not as it should
                    </button>
                </>
            )}
        </section>
    );
}

/** Seconds after which a step that nobody has tapped stands out. */
const LATE = 15;
