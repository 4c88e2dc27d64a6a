import { type RefObject, useState } from 'react';
import { useExpected } from '../../api/queries';
import type { MeterFunction, Wire } from '../../api/shapes';
import type { Probes } from '../../diagram/ladder';
import { goesOnWires, NAME, SIGN, UNIT } from './functions';

const FUNCTIONS = Object.keys(SIGN) as MeterFunction[];

/** What most readings are taken with; the others are one tap away. */
const COMMON: MeterFunction[] = ['vac', 'ohms', 'mfd', 'amps'];

interface Props {
    call: string;
    stamp: number;
    meter: { probes: Probes; fn: MeterFunction };
    wires: Wire[];
    turns: number;
    setTurns: (turns: number) => void;
    setWire: (wire: string) => void;
    /** a jumper between the two points */
    jumper: () => void;
    isOwn: boolean;
    lead: 'red' | 'black';
    setLead: (lead: 'red' | 'black') => void;
    setFunction: (fn: MeterFunction) => void;
    backToAdvice: () => void;
    find: () => void;
    prove: () => void;
    entered: string;
    setEntered: (text: string) => void;
    keep: (text: string) => void;
    disabled: boolean;
    field: RefObject<HTMLInputElement | null>;
}

/** The meter: two probes, one function, what a healthy unit reads, and one field for what this one does. */
export function MeterPanel(props: Props) {
    const { meter, entered, disabled } = props;
    const { red, black } = meter.probes;
    const [all, setAll] = useState(false);
    const around = goesOnWires(meter.fn);
    const expected = useExpected(props.call, { fn: meter.fn, red, black: around ? '' : black, turns: props.turns }, props.stamp);
    const refused = expected.data?.refused ?? null;
    const asExpected = expected.data === undefined || refused !== null ? null : expected.data.display;
    const ready = red !== null && (around || black !== null);
    return (
        <form
            aria-label="Meter"
            className="grid gap-3 border-ink border-b-2 px-5 pt-2 pb-4"
            onSubmit={(e) => {
                e.preventDefault();
                props.keep(entered);
            }}
        >
            {around ? (
                <Jaw {...props} wire={red} />
            ) : (
                <div className="grid grid-cols-2 gap-2">
                    <ProbeKey lead="red" point={red} active={props.lead === 'red'} onPick={() => props.setLead('red')} />
                    <ProbeKey lead="black" point={black} active={props.lead === 'black'} onPick={() => props.setLead('black')} />
                </div>
            )}
            <div className="grid grid-cols-6 gap-2">
                {FUNCTIONS.filter((fn) => all || COMMON.includes(fn) || fn === meter.fn).map((fn) => (
                    <button
                        key={fn}
                        type="button"
                        className="key px-0"
                        aria-label={`${SIGN[fn]} ${NAME[fn]}`}
                        aria-pressed={meter.fn === fn}
                        data-strong={meter.fn === fn}
                        onClick={() => props.setFunction(fn)}
                    >
                        {SIGN[fn]}
                    </button>
                ))}
                {!all && (
                    <button type="button" className="key px-0" aria-label="More functions" onClick={() => setAll(true)}>
                        More
                    </button>
                )}
                <button type="button" className="key px-0" aria-label="Find a point" onClick={props.find}>
                    Find
                </button>
            </div>
            {refused !== null ? (
                <div role="alert" className="border-ink border-l-8 pl-3">
                    <p className="font-bold">{refused}</p>
                    <p>A meter on ohms across a live circuit burns, and so does the hand that holds it.</p>
                    <button type="button" className="key mt-2" data-strong="true" onClick={props.prove}>
                        Prove it dead
                    </button>
                </div>
            ) : (
                <p className="leading-tight">
                    {ready
                        ? 'A healthy unit reads '
                        : around
                          ? 'Choose the wire.'
                          : 'Tap two points on the diagram, or find them by name.'}
                    {ready && (
                        <strong className="font-mono text-lg tabular-nums" data-expected>
                            {asExpected ?? '…'}
                        </strong>
                    )}
                    {expected.isError && <span role="alert"> {expected.error.message}</span>}
                </p>
            )}
            <div className="grid grid-cols-[1fr_auto_auto] gap-2">
                <label className="flex min-h-[64px] items-center border-2 border-ink bg-paper">
                    <span className="sr-only">Reading</span>
                    <input
                        ref={props.field}
                        name="reading"
                        inputMode="decimal"
                        autoComplete="off"
                        placeholder="reading"
                        className="reading"
                        value={entered}
                        onChange={(e) => props.setEntered(e.target.value)}
                    />
                    <span className="pr-3 text-quiet text-xl">{UNIT[meter.fn]}</span>
                </label>
                <button
                    type="button"
                    data-as-expected
                    className="key flex-col gap-0 px-3"
                    disabled={asExpected === null}
                    onClick={() => props.setEntered((asExpected ?? '').replace(' ', ''))}
                >
                    <span className="font-mono tabular-nums">{asExpected ?? '='}</span>
                    <span className="font-normal text-sm">as expected</span>
                </button>
                <button type="button" className="key px-3 text-lg" onClick={() => props.setEntered('OL')}>
                    OL
                </button>
            </div>
            <div className="flex gap-2">
                <button
                    type="submit"
                    className="key min-h-[52px] flex-1 text-lg"
                    data-strong="true"
                    disabled={disabled || !ready || refused !== null}
                >
                    Keep the reading
                </button>
                {props.isOwn && ready && !around && (
                    <button type="button" className="key" onClick={props.jumper}>
                        Jumper
                    </button>
                )}
                {props.isOwn && (
                    <button type="button" className="key" onClick={props.backToAdvice}>
                        Next test
                    </button>
                )}
            </div>
        </form>
    );
}

/** The conductor in the jaw of the clamp, or with the meter in series. */
function Jaw({ meter, wires, wire, turns, setTurns, setWire }: Props & { wire: string | null }) {
    return (
        <div className="grid grid-cols-[1fr_auto] gap-2">
            <select
                className="field"
                aria-label="Wire"
                name="wire"
                value={wires.some((w) => w.id === wire) ? (wire ?? '') : ''}
                onChange={(e) => setWire(e.target.value)}
            >
                <option value="">{wire ?? 'wire…'}</option>
                {wires.map((w) => (
                    <option key={w.id} value={w.id}>
                        {w.id} {w.colour} {w.from} – {w.to}
                    </option>
                ))}
            </select>
            {meter.fn === 'amps' && (
                <select
                    className="field w-auto"
                    aria-label="Turns"
                    name="turns"
                    value={turns}
                    onChange={(e) => setTurns(Number(e.target.value))}
                >
                    {[1, 2, 5, 10].map((n) => (
                        <option key={n} value={n}>
                            {n === 1 ? '1 turn' : `${n} turns`}
                        </option>
                    ))}
                </select>
            )}
        </div>
    );
}

function ProbeKey({
    lead,
    point,
    active,
    onPick,
}: {
    lead: 'red' | 'black';
    point: string | null;
    active: boolean;
    onPick: () => void;
}) {
    return (
        <button
            type="button"
            aria-pressed={active}
            aria-label={`${lead} probe on ${point ?? 'nothing'}`}
            data-lead={lead}
            onClick={onPick}
            className={`min-h-[48px] rounded-[3px] border-2 border-white/70 font-bold font-mono text-lg text-white ${
                lead === 'red' ? 'bg-probe-red' : 'bg-probe-black'
            } ${active ? 'outline-3 outline-ink outline-offset-2' : ''}`}
        >
            {point ?? 'tap a point'}
        </button>
    );
}
