import { useEffect, useMemo, useRef, useState } from 'react';
import type { CircuitSheet, MeterFunction, Trace } from '../../api/shapes';
import type { Send, useOutbox } from '../../api/use-outbox';
import { Ladder, type Probes } from '../../diagram/ladder';
import { Conditions } from './conditions';
import { FindPoint } from './find-point';
import { Finding } from './finding';
import { goesOnWires } from './functions';
import { JumperSheet } from './jumper-sheet';
import { Keys } from './keys';
import { Log } from './log';
import { LastMeaning } from './meaning';
import { MeasureSheet } from './measure-sheet';
import { MeterPanel } from './meter-panel';
import { NextTest } from './next-test';
import { OwnFinding } from './own-finding';
import { ProveDead } from './prove-dead';
import { Seen, type SeenMoment } from './seen';
import { Suspects } from './suspects';

type Pane = 'test' | 'diagram' | 'suspects' | 'log';
type Open = 'prove' | 'find' | 'keys' | 'jumper' | 'measure' | null;

const PANES: [Pane, string][] = [
    ['test', 'Test'],
    ['diagram', 'Diagram'],
    ['suspects', 'Suspects'],
    ['log', 'Log'],
];

interface Props {
    id: string;
    trace: Trace;
    sheet: CircuitSheet;
    outbox: ReturnType<typeof useOutbox>;
}

/** The trace: diagram, probes, meter, suspects, next test, log. */
export function TraceBoard({ id, trace, sheet: circuit, outbox }: Props) {
    const [choice, setChoice] = useState(0);
    const [own, setOwn] = useState<{ probes: Probes; fn: MeterFunction } | null>(null);
    const [lead, setLead] = useState<'red' | 'black'>('red');
    const [entered, setEntered] = useState('');
    const [turns, setTurns] = useState(1);
    const [pane, setPane] = useState<Pane>('test');
    const [open, setOpen] = useState<Open>(null);
    const [looking, setLooking] = useState<string | null>(null);
    const field = useRef<HTMLInputElement>(null);
    const paper = useRef<HTMLDivElement>(null);
    const parts = useMemo(() => new Map(circuit.parts.map((p) => [p.id, p])), [circuit.parts]);

    const advice = trace.next[choice % Math.max(1, trace.next.length)];
    const suggested: { probes: Probes; fn: MeterFunction } | null =
        advice === undefined || advice.function === null
            ? null
            : { probes: { red: advice.red, black: advice.black }, fn: advice.function };
    const meter = own ?? suggested ?? { probes: { red: null, black: null }, fn: 'vac' as const };
    const looked = looking === null ? undefined : parts.get(looking);
    const mayChange = trace.call.may_change && !trace.standing.closed;

    const fresh = () => {
        setOwn(null);
        setChoice(0);
        setEntered('');
        setLead('red');
        setTurns(1);
        setLooking(null);
    };

    const put = (point: string, which: 'red' | 'black' = lead) => {
        setOwn({ fn: meter.fn, probes: { ...(own?.probes ?? meter.probes), [which]: point } });
        setLead(which === 'red' ? 'black' : 'red');
        setLooking(null);
    };

    const keep = async (text: string) => {
        const sent = await outbox.send('reading', {
            function: meter.fn,
            red: meter.probes.red ?? '',
            black: meter.probes.black ?? '',
            entered: text,
            ...(own === null && advice?.kind === 'peak' ? { moment: 'as it starts' } : {}),
            ...(meter.fn === 'amps' && turns > 1 ? { turns } : {}),
        });
        if (sent) {
            fresh();
        }
    };

    /** Whatever else is learned or done: then comes the next test. */
    const tell: Send = async (type, data) => {
        const sent = await outbox.send(type, data);
        if (sent) {
            fresh();
            setOpen(null);
        }
        return sent;
    };

    const see = async (part: string, seen: string, moment?: SeenMoment) => {
        if (await outbox.send('observation', { part, seen, ...(moment === undefined ? {} : { moment }) })) {
            fresh();
        }
    };

    const other = () => {
        setOwn(null);
        setLooking(null);
        setChoice((n) => n + 1);
    };

    // bring the probes of a new test into view
    const spot = `${meter.probes.red} ${meter.probes.black} ${pane}`;
    useEffect(() => {
        if (spot !== '' && own === null) {
            paper.current?.querySelector('[data-probe=red]')?.scrollIntoView({ block: 'center', inline: 'center' });
        }
    }, [spot, own]);

    useEffect(() => {
        const onKey = (e: KeyboardEvent) => {
            const typing = e.target instanceof HTMLInputElement || e.target instanceof HTMLTextAreaElement;
            if (open !== null || e.ctrlKey || e.metaKey || e.altKey || (typing && e.target !== field.current)) {
                return;
            }
            const actions: Record<string, () => void> = {
                n: other,
                o: () => setEntered('OL'),
                '=': () => document.querySelector<HTMLButtonElement>('[data-as-expected]')?.click(),
                '/': () => setOpen('find'),
                d: () => setOpen('prove'),
                '?': () => setOpen('keys'),
                r: () => setLead('red'),
                b: () => setLead('black'),
                m: () => field.current?.focus(),
            };
            const act = actions[e.key.toLowerCase()];
            // letters belong to the reading and its unit while it is being typed
            if (act !== undefined && !(typing && /[a-z]/i.test(e.key))) {
                e.preventDefault();
                act();
            }
        };
        window.addEventListener('keydown', onKey);
        return () => window.removeEventListener('keydown', onKey);
    });

    const shown = (p: Pane) => (pane === p ? '' : 'max-lg:hidden');

    return (
        <>
            <div className="min-h-0 flex-1 max-lg:overflow-y-auto lg:grid lg:grid-cols-[minmax(0,1fr)_420px]">
                <section className={`flex min-h-0 flex-col max-lg:h-full ${shown('diagram')}`} aria-label="Diagram">
                    <Conditions
                        trace={trace}
                        disabled={!mayChange || outbox.busy}
                        set={(name, value) => void outbox.send('condition', { name, value })}
                        send={outbox.send}
                    />
                    <DrawnAs suspect={trace.drawn_as} />
                    <div className="min-h-0 flex-1 overflow-auto px-2 pb-6" ref={paper}>
                        <Ladder
                            sheet={circuit}
                            drawn={trace.drawn}
                            probes={meter.probes}
                            proved={trace.proved}
                            onPoint={put}
                            onPart={(part) => {
                                setLooking(part);
                                setPane('test');
                            }}
                        />
                        <Legend />
                    </div>
                </section>
                <aside className="min-h-0 border-ink bg-margin lg:overflow-y-auto lg:border-l-2">
                    <div className={shown('test')}>
                        <Finding trace={trace} disabled={outbox.busy} send={outbox.send} />
                        {mayChange && trace.suspects.found !== null && own === null && looking === null && (
                            <p className="border-ink border-b-2 px-5 py-3">
                                <button
                                    type="button"
                                    className="key"
                                    onClick={() => setOwn({ fn: 'vac', probes: { red: null, black: null } })}
                                >
                                    Use the meter
                                </button>
                            </p>
                        )}
                        {own === null && looked === undefined && <LastMeaning trace={trace} circuit={circuit} />}
                        {mayChange && trace.suspects.help !== '' && (
                            <p role="status" className="border-ink border-b-2 px-5 py-3" data-help>
                                {trace.suspects.help}
                            </p>
                        )}
                        {mayChange && looked !== undefined ? (
                            <Seen
                                key={looked.id}
                                part={looked}
                                standing={trace.standing}
                                disabled={outbox.busy}
                                pick={(seen, moment) => void see(looked.id, seen, moment)}
                                felt={(felt) => void tell('felt', { target: looked.id, felt })}
                                send={tell}
                                cancel={() => setLooking(null)}
                            />
                        ) : (
                            mayChange &&
                            (trace.suspects.found === null || own !== null) && (
                                <>
                                    {own === null && advice !== undefined && (
                                        <NextTest
                                            advice={advice}
                                            standing={trace.standing}
                                            more={trace.next.length > 1}
                                            disabled={outbox.busy}
                                            other={other}
                                            send={outbox.send}
                                            prove={() => setOpen('prove')}
                                            see={(seen) => void see(advice.red, seen)}
                                            watched={(seen) => void see(advice.red, seen, 'as it starts')}
                                            felt={(felt) => void tell('felt', { target: advice.red, felt })}
                                            measured={(entered) => void tell('measured', { quantity: advice.red, entered })}
                                        />
                                    )}
                                    {(own !== null || advice === undefined || advice.function !== null) && (
                                        <MeterPanel
                                            call={id}
                                            stamp={trace.events.length}
                                            meter={meter}
                                            isOwn={own !== null}
                                            lead={lead}
                                            setLead={setLead}
                                            setFunction={(fn) =>
                                                setOwn({
                                                    fn,
                                                    probes:
                                                        goesOnWires(fn) === goesOnWires(meter.fn)
                                                            ? meter.probes
                                                            : { red: null, black: null },
                                                })
                                            }
                                            wires={circuit.wires}
                                            turns={turns}
                                            setTurns={setTurns}
                                            setWire={(wire) => setOwn({ fn: meter.fn, probes: { red: wire, black: null } })}
                                            jumper={() => setOpen('jumper')}
                                            backToAdvice={fresh}
                                            find={() => setOpen('find')}
                                            prove={() => setOpen('prove')}
                                            entered={entered}
                                            setEntered={(text) => {
                                                setEntered(text);
                                                outbox.forget();
                                            }}
                                            keep={(text) => void keep(text)}
                                            disabled={outbox.busy}
                                            field={field}
                                        />
                                    )}
                                    <p className="flex gap-2 px-5 py-3">
                                        {own === null && advice?.function === null && (
                                            <button type="button" className="key flex-1" onClick={() => setOwn(meter)}>
                                                Use the meter instead
                                            </button>
                                        )}
                                        {circuit.quantities.length > 0 && (
                                            <button type="button" className="key flex-1" onClick={() => setOpen('measure')}>
                                                Pressure, temperature
                                            </button>
                                        )}
                                    </p>
                                </>
                            )
                        )}
                    </div>
                    <div className={shown('suspects')}>
                        <Suspects trace={trace} />
                        {mayChange && trace.call.finding === null && (
                            <OwnFinding unexplained={trace.unexplained} disabled={outbox.busy} send={outbox.send} />
                        )}
                    </div>
                    <div className={shown('log')}>
                        <Log trace={trace} circuit={circuit} disabled={!mayChange || outbox.busy} send={outbox.send} />
                    </div>
                </aside>
            </div>
            <nav className="grid grid-cols-4 border-ink border-t-2 lg:hidden" aria-label="Panes">
                {PANES.map(([p, label]) => (
                    <button
                        key={p}
                        type="button"
                        aria-current={pane === p}
                        className={`min-h-[56px] font-bold ${pane === p ? 'bg-ink text-paper' : 'bg-paper text-ink'}`}
                        onClick={() => setPane(p)}
                    >
                        {label}
                    </button>
                ))}
            </nav>
            <JumperSheet
                open={open === 'jumper'}
                onOpenChange={(o) => setOpen(o ? 'jumper' : null)}
                from={meter.probes.red ?? ''}
                to={meter.probes.black ?? ''}
                disabled={outbox.busy}
                problem={outbox.refusal}
                put={(reason) => void tell('jumper', { from: meter.probes.red, to: meter.probes.black, on: true, reason })}
            />
            <MeasureSheet
                open={open === 'measure'}
                onOpenChange={(o) => setOpen(o ? 'measure' : null)}
                quantities={circuit.quantities}
                disabled={outbox.busy}
                keep={(quantity, entered) => void tell('measured', { quantity, entered })}
            />
            <Keys.Bar open={() => setOpen('keys')} />
            <Keys.Sheet open={open === 'keys'} onOpenChange={(o) => setOpen(o ? 'keys' : null)} />
            <FindPoint
                open={open === 'find'}
                onOpenChange={(o) => setOpen(o ? 'find' : null)}
                circuit={circuit}
                lead={lead}
                pick={(point, which) => {
                    put(point, which);
                    setOpen(null);
                }}
            />
            <ProveDead
                open={open === 'prove'}
                onOpenChange={(o) => setOpen(o ? 'prove' : null)}
                trace={trace}
                disabled={outbox.busy}
                send={outbox.send}
                problem={outbox.refusal ?? (outbox.error?.isExpired === false ? outbox.error.message : null)}
            />
        </>
    );
}

/** Says which unit the highlighter shows, so that nobody takes a model's guess for a measurement. */
function DrawnAs({ suspect }: { suspect: string | null }) {
    return (
        <p className="shrink-0 border-rule border-b px-4 py-1 text-quiet text-sm">
            Drawn as {suspect === null ? 'a healthy unit' : 'it stands with: '}
            {suspect !== null && <strong className="text-ink">{suspect}</strong>}
        </p>
    );
}

function Legend() {
    return (
        <p className="px-4 text-quiet text-sm">
            Broad highlight: live. Cool highlight: common. Dashed highlight: back-fed, it reads but feeds nothing. Bare line:
            dead. Tick: proved by a good reading. The highlighter is the model's word, not a meter's.
        </p>
    );
}
