import type { CircuitSheet, Trace } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';
import { partAt, WiresFrom, wiresAt } from '../../diagram/wiring';
import { Swatch } from '../../ui/colour';

interface Props {
    wire: string;
    sheet: CircuitSheet;
    trace: Trace;
    disabled: boolean;
    /** both leads on its ends */
    measure: (from: string, to: string) => void;
    send: Send;
    cancel: () => void;
}

/** One wire: colour, gauge, where its ends are and what else is on them; lifted, landed, or measured from end to end. */
export function WireView({ wire, sheet, trace, disabled, measure, send, cancel }: Props) {
    const own = sheet.wires.find((w) => w.id === wire);
    if (own === undefined) {
        return null;
    }
    const isLifted = trace.standing.lifted.includes(wire);
    return (
        <section aria-label="Wire" className="border-ink border-b-2 px-5 pt-3 pb-4" data-wire-view={wire}>
            <h2 className="heading">
                {wire} · {own.gauge} AWG{own.bundle !== '' && ` · in the ${own.bundle} cable`}
            </h2>
            <p className="mt-1 font-bold text-2xl">
                <Swatch colour={own.colour} />
                {own.colour} wire
            </p>
            <dl>
                {[own.from, own.to].map((end) => (
                    <End key={end} end={end} but={wire} sheet={sheet} />
                ))}
            </dl>
            <div className="mt-3 flex flex-wrap gap-2">
                <button type="button" className="key flex-1" data-strong="true" onClick={() => measure(own.from, own.to)}>
                    Leads on its ends
                </button>
                <button
                    type="button"
                    className="key flex-1"
                    disabled={disabled || !trace.standing.proved_dead}
                    onClick={() => void send('lead', { wire, lifted: !isLifted })}
                >
                    {isLifted ? 'Landed again' : 'Lifted'}
                </button>
                <button type="button" className="key" onClick={cancel}>
                    Back
                </button>
            </div>
            {!trace.standing.proved_dead && <p className="mt-2 text-sm">Lift and land on a dead circuit: prove it dead first.</p>}
        </section>
    );
}

function End({ end, but, sheet }: { end: string; but: string; sheet: CircuitSheet }) {
    const part = partAt(sheet, end);
    const others = wiresAt(sheet, end).filter((w) => w.id !== but);
    return (
        <div className="border-rule border-b py-2">
            <dt>
                <strong>{part?.label}</strong> <span className="font-mono">{end}</span> · {part?.place}
            </dt>
            <dd className="text-quiet text-sm">
                {others.length === 0 ? 'nothing else on it' : <WiresFrom point={end} wires={others} />}
            </dd>
        </div>
    );
}
