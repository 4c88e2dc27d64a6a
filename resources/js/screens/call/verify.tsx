import { useState } from 'react';
import { Link } from 'react-router';
import type { Load } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';
import { keepFor } from '../../ui/keep-for';
import { VerdictMark } from '../../ui/verdict-mark';
import type { AtStop } from './call-screen';
import { StillOpen } from './still-open';
import { StopPage } from './stop-page';
import { Watch } from './watch';

/** One row a load: plate, before, what a healthy one would draw now, measured, verdict; then a whole cycle. */
export function Verify({ trace, sheet, outbox, disabled }: AtStop) {
    const { send } = outbox;
    return (
        <StopPage
            title="Verify under load"
            hint="panels on, after some minutes of running"
            side={
                <>
                    <Watch trace={trace} sheet={sheet} disabled={disabled} send={send} />
                    <StillOpen trace={trace} stop="verify" disabled={outbox.busy} send={send} />
                </>
            }
        >
            <p className="mb-3 border-ink border-l-8 py-1 pl-3 leading-snug">
                Clamp work is live work: gloves, one hand, nothing loose. A blower over its plate with a panel off may only be
                moving too much air.
            </p>
            {trace.loads.length === 0 && <p>As it is left nothing runs that draws what a plate says.</p>}
            <ul>
                {trace.loads.map((load) => (
                    <LoadRow
                        key={load.part}
                        load={load}
                        wire={sheet.wires.find((w) => w.id === load.wires[0])}
                        disabled={disabled}
                        send={send}
                    />
                ))}
            </ul>
            <More trace={trace} />
        </StopPage>
    );
}

/** What else is measured of such a unit, where it matters: each on the bench, and kept with this call. */
function More({ trace }: Pick<AtStop, 'trace'>) {
    const { id, number, unit } = trace.call;
    return trace.more.length === 0 ? null : (
        <section aria-label="Where it matters" className="mt-4">
            <h3 className="heading">Where it matters, on the bench</h3>
            <ul>
                {trace.more.map((one) => (
                    <li key={one.check} className="border-rule border-b">
                        <Link
                            to={`/bench/${one.check}`}
                            className="grid min-h-[56px] content-center py-2 leading-tight hover:bg-margin"
                            data-more={one.check}
                            onClick={() => keepFor({ unit: unit.id, name: unit.name, call: { id, number } })}
                        >
                            <span className="font-bold">{one.title}</span>
                            <span className="text-quiet">{one.what}</span>
                            {one.judged !== null && <VerdictMark verdict={one.judged.verdict}>{one.judged.headline}</VerdictMark>}
                        </Link>
                    </li>
                ))}
            </ul>
        </section>
    );
}

const amps = (value: number | null) => (value === null ? '–' : `${value < 10 ? value.toFixed(2) : value.toFixed(1)} A`);

interface RowProps {
    load: Load;
    wire: { id: string; colour: string; from: string; to: string } | undefined;
    disabled: boolean;
    send: Send;
}

function LoadRow({ load, wire, disabled, send }: RowProps) {
    const [entered, setEntered] = useState('');
    const figures: [string, number | null][] = [
        ['plate', load.plate],
        ['before', load.before],
        ['expected', load.expected],
    ];
    return (
        <li
            className="grid gap-x-4 gap-y-2 border-rule border-b py-3 lg:grid-cols-[minmax(0,1fr)_260px_230px] lg:items-center"
            data-load={load.part}
        >
            <div className="leading-tight">
                <p className="font-bold">{load.label}</p>
                <p className="text-quiet text-sm">
                    {wire === undefined
                        ? 'no wire carries all of it alone'
                        : `clamp the ${wire.colour} wire ${wire.id}, ${wire.from} – ${wire.to}`}
                </p>
                <p className="mt-1 font-bold" role="status">
                    {load.judged !== null ? (
                        <VerdictMark verdict={load.judged.verdict}>
                            {amps(load.measured)}: {load.judged.headline}
                        </VerdictMark>
                    ) : load.measured === null ? (
                        <span className="font-normal text-quiet">not measured</span>
                    ) : (
                        `${amps(load.measured)} measured`
                    )}
                </p>
                {load.creep !== null && <p className={load.creeping ? 'font-bold text-odd' : 'text-quiet'}>{load.creep}</p>}
            </div>
            <dl className="grid grid-cols-3 gap-2">
                {figures.map(([name, value]) => (
                    <div key={name}>
                        <dt className="text-quiet text-sm">{name}</dt>
                        <dd className="font-mono tabular-nums">{amps(value)}</dd>
                    </div>
                ))}
            </dl>
            <form
                className="flex gap-2"
                onSubmit={(e) => {
                    e.preventDefault();
                    void send('reading', { function: 'amps', red: load.wires[0], black: '', entered }).then(
                        (sent) => sent && setEntered(''),
                    );
                }}
            >
                <input
                    className="field min-w-0 flex-1 font-mono"
                    inputMode="decimal"
                    name={`amps-${load.part}`}
                    aria-label={`${load.label}, amperes`}
                    placeholder={load.measured === null ? 'A' : amps(load.measured)}
                    value={entered}
                    onChange={(e) => setEntered(e.target.value)}
                />
                <button type="submit" className="key" disabled={disabled || entered.trim() === '' || wire === undefined}>
                    Keep
                </button>
            </form>
        </li>
    );
}
