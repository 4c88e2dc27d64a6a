import { useState } from 'react';
import type { CircuitSheet, MeterFunction } from '../../api/shapes';
import { goesOnWires, NAME, SIGN } from './functions';
import { Leads } from './leads';
import type { MeterInHand } from './use-meter';

const FUNCTIONS = Object.keys(SIGN) as MeterFunction[];

/** What most readings are taken with; the others are one tap away. */
const COMMON: MeterFunction[] = ['vac', 'ohms', 'mfd', 'amps'];

interface Props {
    hand: MeterInHand;
    sheet: CircuitSheet;
    find: () => void;
    /** a jumper between the two points */
    jumper: () => void;
    backToAdvice: () => void;
    /** whether only what a reading needs is shown */
    short?: boolean;
}

/** Where the leads are, and what the selector stands on. */
export function MeterHead({ hand, sheet, find, jumper, backToAdvice, short = false }: Props) {
    const { meter, isOwn } = hand;
    const [all, setAll] = useState(false);
    const around = goesOnWires(meter.fn);
    const isReady = meter.probes.red !== null && meter.probes.black !== null;
    return (
        <section aria-label="Leads" className="grid gap-2 px-5 py-1 max-lg:px-4">
            {around ? (
                <Jaw hand={hand} sheet={sheet} />
            ) : (
                <Leads sheet={sheet} probes={meter.probes} lead={hand.lead} setLead={hand.setLead} />
            )}
            {isOwn && (
                <>
                    <div className="grid grid-cols-6 gap-2">
                        {FUNCTIONS.filter((fn) => all || COMMON.includes(fn) || fn === meter.fn).map((fn) => (
                            <button
                                key={fn}
                                type="button"
                                className="key px-0"
                                aria-label={`${SIGN[fn]} ${NAME[fn]}`}
                                aria-pressed={meter.fn === fn}
                                data-strong={meter.fn === fn}
                                onClick={() => hand.turnTo(fn)}
                            >
                                {SIGN[fn]}
                            </button>
                        ))}
                        {!all && (
                            <button type="button" className="key px-0" aria-label="More functions" onClick={() => setAll(true)}>
                                More
                            </button>
                        )}
                        {!short && (
                            <button type="button" className="key px-0" aria-label="Find on this unit" onClick={find}>
                                Find
                            </button>
                        )}
                        {short && (
                            <button type="button" className="key px-0" onClick={backToAdvice}>
                                Next
                            </button>
                        )}
                    </div>
                    <div className={short ? 'hidden' : 'flex gap-2'}>
                        {isReady && !around && (
                            <button type="button" className="key flex-1" onClick={jumper}>
                                Jumper
                            </button>
                        )}
                        <button type="button" className="key flex-1" onClick={backToAdvice}>
                            Next test
                        </button>
                    </div>
                </>
            )}
        </section>
    );
}

/** The conductor in the jaw of the clamp, or with the meter in series. */
function Jaw({ hand, sheet }: { hand: MeterInHand; sheet: CircuitSheet }) {
    const { meter } = hand;
    const wire = meter.probes.red;
    return (
        <div className="grid grid-cols-[1fr_auto] gap-2">
            <select
                className="field"
                aria-label="Wire"
                name="wire"
                value={sheet.wires.some((w) => w.id === wire) ? (wire ?? '') : ''}
                onChange={(e) => hand.on({ red: e.target.value, black: null })}
            >
                <option value="">{wire ?? 'wire…'}</option>
                {sheet.wires.map((w) => (
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
                    value={hand.turns}
                    onChange={(e) => hand.setTurns(Number(e.target.value))}
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
