import type { Advice, CircuitSheet } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';
import { Watched } from './watched';

interface Props {
    advice: Advice;
    circuit: CircuitSheet;
    /** whether there is another one to offer */
    more: boolean;
    disabled: boolean;
    other: () => void;
    prove: () => void;
    see: (seen: string) => void;
    /** all that was seen while it started */
    watched: (seen: string) => void;
    send: Send;
}

/** The next move, one glance away: what, why, and what must be done first. */
export function NextTest({ advice, circuit, more, disabled, other, prove, see, watched, send }: Props) {
    const { first } = advice;
    const eyes = advice.kind === 'look' || advice.kind === 'watch';
    const minutes = advice.minutes < 1 ? 'under a minute' : `about ${Math.round(advice.minutes)} min`;
    const kind =
        advice.function === null || advice.function === 'vac'
            ? advice.line_voltage
                ? 'live line voltage'
                : 'live'
            : 'dead test';
    const wire = (id: string) => {
        const w = circuit.wires.find((x) => x.id === id);
        return w === undefined ? id : `${w.colour} wire ${w.from} – ${w.to}`;
    };
    return (
        <section aria-label="Next test" className="px-5 pt-4 pb-3">
            <h2 className="heading">
                Next test · {minutes} · {eyes ? 'look and listen' : kind}
            </h2>
            <p className="mt-1 font-bold text-[1.65rem] leading-tight" data-next-title>
                {advice.title}
            </p>
            <p className="flex items-center justify-between gap-3 text-quiet">
                {advice.place}
                {more && (
                    <button type="button" className="min-h-[44px] shrink-0 text-ink underline underline-offset-4" onClick={other}>
                        Another test
                    </button>
                )}
            </p>
            <p className="leading-snug" data-next-why>
                {advice.why}
            </p>
            {first.restart && <Restart minutes={first.wait} />}
            {!first.restart && first.wait > 0 && (
                <p className="mt-2 border-rule border-l-8 pl-3">
                    Let it stand off for {first.wait} minutes first: an overload that is hot has to close again.
                </p>
            )}
            {advice.line_voltage && (
                <p className="mt-2 border-ink border-l-8 pl-3">
                    Line voltage: qualified hands, rated leads and gloves, one hand where you can.
                </p>
            )}
            {(first.changes.length > 0 || first.prove_dead || first.lift.length > 0 || first.land.length > 0) && (
                <div className="mt-3 grid gap-2" data-first>
                    <h3 className="heading">First</h3>
                    {first.land.map((id) => (
                        <button
                            key={id}
                            type="button"
                            className="key"
                            disabled={disabled}
                            onClick={() => void send('lead', { wire: id, lifted: false })}
                        >
                            Landed: {wire(id)}
                        </button>
                    ))}
                    {(first.land.length > 0 ? [] : first.changes).map((c) => (
                        <button
                            key={c.name}
                            type="button"
                            className="key"
                            disabled={disabled}
                            onClick={() => void send('condition', { name: c.name, value: c.value })}
                        >
                            {c.label}: {c.says}
                        </button>
                    ))}
                    {first.changes.length === 0 && first.prove_dead && (
                        <button type="button" className="key" data-strong="true" onClick={prove}>
                            Prove it dead
                        </button>
                    )}
                    {first.changes.length === 0 &&
                        !first.prove_dead &&
                        first.lift.map((id) => (
                            <button
                                key={id}
                                type="button"
                                className="key"
                                disabled={disabled}
                                onClick={() => void send('lead', { wire: id, lifted: true })}
                            >
                                Lifted: {wire(id)}
                            </button>
                        ))}
                </div>
            )}
            {advice.kind === 'watch' && first.changes.length === 0 && (
                <Watched choices={advice.choices} disabled={disabled} keep={watched} />
            )}
            {advice.kind === 'look' && first.changes.length === 0 && (
                <div className="mt-3 flex flex-wrap gap-2">
                    {advice.choices.map((choice) => (
                        <button
                            key={choice}
                            type="button"
                            className="key flex-1"
                            disabled={disabled}
                            data-seen={choice}
                            onClick={() => see(choice)}
                        >
                            {choice}
                        </button>
                    ))}
                </div>
            )}
        </section>
    );
}

/** Off, wait, reset, on: orders, numbered. */
function Restart({ minutes }: { minutes: number }) {
    return (
        <ol className="mt-2 list-decimal border-ink border-l-8 pl-8" data-restart>
            <li>Switch it off and let it stand for {minutes} minutes.</li>
            <li>Press the reset buttons once; never a breaker or a fuse before its short is found.</li>
            <li>Doors on, hands clear, everyone warned. Switch it on with the call in.</li>
            <li>Watch the first four minutes.</li>
        </ol>
    );
}
