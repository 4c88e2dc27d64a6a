import { useMemo, useRef, useState } from 'react';
import type { CircuitSheet, Trace } from '../../api/shapes';
import type { Send, useOutbox } from '../../api/use-outbox';
import { useSupposed } from '../../api/use-supposed';
import { RungView } from '../../diagram/rung-view';
import { rungsOf, rungWith } from '../../diagram/rungs';
import { standing } from '../../diagram/standing';
import { useLatest } from '../../ui/use-latest';
import { useWide } from '../../ui/use-media';
import { AloneView } from './alone-view';
import { DrawingPane, type Drawn } from './drawing-pane';
import { FindPoint } from './find-point';
import { Finding } from './finding';
import { JumperSheet } from './jumper-sheet';
import { Keys } from './keys';
import { Log } from './log';
import { LastMeaning } from './meaning';
import { MeasureSheet } from './measure-sheet';
import { MeterHead } from './meter-head';
import { NextTest } from './next-test';
import { OwnFinding } from './own-finding';
import { PartView } from './part-view';
import { ProveDead } from './prove-dead';
import { ReadingDock } from './reading-dock';
import { Seen, type SeenMoment } from './seen';
import { isReady } from './steps';
import { Suspects } from './suspects';
import { useAlone } from './use-alone';
import { useFilm } from './use-film';
import { useKeys } from './use-keys';
import { NOWHERE, useMeter } from './use-meter';
import { WireView } from './wire-view';

type Pane = 'test' | 'diagram' | 'suspects' | 'log';
type Open = 'prove' | 'find' | 'keys' | 'jumper' | 'measure' | null;

/** What is looked at instead of the next test. */
type Looking = { part: string; rung?: number } | { wire: string } | null;

const PANES: [Pane, string][] = [
    ['test', 'Test'],
    ['diagram', 'Drawing'],
    ['suspects', 'Suspects'],
    ['log', 'Log'],
];

interface Props {
    id: string;
    trace: Trace;
    sheet: CircuitSheet;
    outbox: ReturnType<typeof useOutbox>;
}

/** The trace: the next test and its rung, the meter, the drawing, suspects, log. */
export function TraceBoard({ id, trace, sheet, outbox }: Props) {
    const alone = useAlone(id, trace.events.length);
    const hand = useMeter(alone.advice === undefined ? trace.next : [alone.advice, ...trace.next]);
    const { advice, meter } = hand;
    const [pane, setPane] = useState<Pane>('test');
    const [open, setOpen] = useState<Open>(null);
    const [looking, setLooking] = useState<Looking>(null);
    const field = useRef<HTMLInputElement>(null);
    const wide = useWide();
    const mayChange = trace.call.may_change && !trace.standing.closed;
    const disabled = !mayChange || outbox.busy;
    const isFound = trace.suspects.found !== null;
    // one that is tested by itself is tested whatever is found
    const isDone = isFound && alone.advice === undefined;
    // what was next is over, and what is next is not known yet
    const isSettling = outbox.settling !== null;
    // a test that is not the meter's, or is not ready for it, asks for something else first
    const measures =
        mayChange && (hand.isOwn || (!isDone && (advice === undefined || (advice.function !== null && isReady(advice)))));

    const fresh = () => {
        hand.fresh();
        alone.leave();
        setLooking(null);
    };

    const takeAlone = (key: string) => {
        alone.choose(key);
        hand.fresh();
        setLooking(null);
    };

    const setEntered = (text: string) => {
        hand.setEntered(text);
        outbox.forget();
    };

    const most = !hand.isOwn && advice?.kind === 'peak' ? { display: advice.healthy, enters: advice.enters } : null;

    const reading = (text: string) => ({
        function: meter.fn,
        red: meter.probes.red ?? '',
        black: meter.probes.black ?? '',
        entered: text,
        ...(most === null ? {} : { moment: 'as it starts' }),
        ...(meter.fn === 'amps' && hand.turns > 1 ? { turns: hand.turns } : {}),
    });
    const isTyped = measures && !disabled && meter.probes.red !== null && hand.entered.trim() !== '';
    useSupposed(id, isTyped ? { type: 'reading', data: reading(hand.entered) } : null);

    const keep = async (text: string) => {
        const sent = await outbox.send('reading', reading(text));
        if (sent) {
            fresh();
            setPane('test');
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

    const see = (part: string, seen: string, moment?: SeenMoment) =>
        void tell('observation', { part, seen, ...(moment === undefined ? {} : { moment }) });

    const look = (what: Looking) => {
        setLooking(what);
        setPane('test');
    };

    const put = (point: string, which?: 'red' | 'black') => {
        hand.put(point, which);
        setLooking(null);
    };

    const lookedPart = looking !== null && 'part' in looking ? sheet.parts.find((p) => p.id === looking.part) : undefined;
    const lookedWire = looking !== null && 'wire' in looking ? looking.wire : null;
    const chosen = lookedPart?.id ?? lookedWire;
    const lookedRung = looking !== null && 'part' in looking ? looking.rung : undefined;

    const film = useFilm(id, trace.events.length);
    const shownState = film.frame?.drawn ?? trace.drawn;
    const is = useMemo(() => standing(shownState), [shownState]);
    const known = useMemo(
        () => ({ proved: trace.proved, inDoubt: trace.suspects.in_doubt }),
        [trace.proved, trace.suspects.in_doubt],
    );
    const asked = advice?.red;
    const rungs = useMemo(() => {
        const looked =
            sheet.rungs.find((r) => r.number === lookedRung) ?? (chosen === null ? undefined : rungWith(sheet.rungs, chosen));
        const onMeter = rungsOf(sheet.rungs, meter.probes);
        const advised = asked === undefined ? undefined : rungWith(sheet.rungs, asked);
        const one = looked ?? (onMeter.length > 0 ? undefined : (advised ?? sheet.rungs[0]));
        return one === undefined ? onMeter : [one];
    }, [sheet.rungs, meter.probes, chosen, lookedRung, asked]);
    const on = useLatest({
        onPoint: (point) => put(point),
        onPart: (part) => look({ part }),
        onWire: (wire) => look({ wire }),
    });
    const drawn: Drawn = { rungs, is, known, probes: looking === null ? meter.probes : NOWHERE, chosen, ...on };

    useKeys({
        off: open !== null,
        field: field.current,
        typing: measures && looking === null,
        type: (key) => setEntered(key === '' ? hand.entered.slice(0, -1) : hand.entered + key),
        keep: () => (hand.entered.trim() === '' ? field.current?.focus() : field.current?.form?.requestSubmit()),
        actions: {
            n: () => {
                hand.other();
                setLooking(null);
            },
            o: () => setEntered('OL'),
            '=': () => document.querySelector<HTMLButtonElement>('[data-as-expected]')?.click(),
            '/': () => setOpen('find'),
            d: () => setOpen('prove'),
            '?': () => setOpen('keys'),
            r: () => hand.setLead('red'),
            b: () => hand.setLead('black'),
            m: () => (measures ? field.current?.focus() : hand.take()),
        },
    });

    const head = (
        <MeterHead
            hand={hand}
            sheet={sheet}
            find={() => setOpen('find')}
            jumper={() => setOpen('jumper')}
            backToAdvice={fresh}
            short={!wide && pane === 'diagram'}
        />
    );
    const strip = !wide && rungs.length > 0 && (
        <div className="flex max-h-64 flex-col border-rule border-y bg-paper" data-strip>
            <RungView {...drawn} sheet={sheet} fed={false} whole={() => setPane('diagram')} />
        </div>
    );
    const shown = (p: Pane) => (wide || pane === p ? '' : 'hidden');

    return (
        <>
            <div className="flex min-h-0 flex-1 flex-col lg:grid lg:grid-cols-[minmax(0,1fr)_420px] lg:grid-rows-[minmax(0,1fr)]">
                <aside
                    className={`flex min-h-0 flex-col border-ink bg-margin low:flex-row lg:order-2 lg:border-l-2 ${
                        pane === 'diagram' ? 'max-lg:order-2 max-lg:shrink-0' : 'max-lg:flex-1'
                    }`}
                >
                    <div className={`min-h-0 flex-1 overflow-y-auto ${pane === 'diagram' ? 'max-lg:hidden' : ''}`}>
                        <div className={shown('test')}>
                            <Finding trace={trace} disabled={outbox.busy} send={outbox.send} />
                            {mayChange && isFound && !hand.isOwn && looking === null && (
                                <p className="border-ink border-b-2 px-5 py-2">
                                    <button type="button" className="key" onClick={() => hand.on(NOWHERE, 'vac')}>
                                        Use the meter
                                    </button>
                                </p>
                            )}
                            {looking === null && (
                                <LastMeaning
                                    trace={trace}
                                    settling={outbox.settling}
                                    circuit={sheet}
                                    disabled={disabled}
                                    send={outbox.send}
                                />
                            )}
                            {mayChange && trace.suspects.help !== '' && (
                                <p role="status" className="border-ink border-b-2 px-5 py-2" data-help>
                                    {trace.suspects.help}
                                </p>
                            )}
                            {lookedPart !== undefined && (
                                <>
                                    <PartView
                                        part={lookedPart}
                                        sheet={sheet}
                                        trace={trace}
                                        put={put}
                                        shown={rungs[0]?.number}
                                        show={(rung) => setLooking({ part: lookedPart.id, rung })}
                                    />
                                    {mayChange && <AloneView target={lookedPart.id} alone={alone} take={takeAlone} />}
                                    {strip}
                                    {mayChange ? (
                                        <Seen
                                            key={lookedPart.id}
                                            part={lookedPart}
                                            standing={trace.standing}
                                            disabled={outbox.busy}
                                            pick={(seen, moment) => see(lookedPart.id, seen, moment)}
                                            felt={(felt) => void tell('felt', { target: lookedPart.id, felt })}
                                            send={tell}
                                            cancel={() => setLooking(null)}
                                        />
                                    ) : (
                                        <BackKey back={() => setLooking(null)} />
                                    )}
                                </>
                            )}
                            {lookedWire !== null && (
                                <>
                                    <WireView
                                        wire={lookedWire}
                                        sheet={sheet}
                                        trace={trace}
                                        disabled={disabled}
                                        measure={(from, to) => {
                                            hand.on({ red: from, black: to }, trace.standing.proved_dead ? 'ohms' : 'vac');
                                            setLooking(null);
                                        }}
                                        send={tell}
                                        cancel={() => setLooking(null)}
                                    />
                                    {mayChange && <AloneView target={lookedWire} alone={alone} take={takeAlone} />}
                                    {strip}
                                </>
                            )}
                            {looking === null && hand.isOwn && mayChange && (
                                <>
                                    {head}
                                    {strip}
                                </>
                            )}
                            {looking === null && !hand.isOwn && isSettling && (
                                <p role="status" className="px-5 py-4 text-quiet" data-settling>
                                    Next test …
                                </p>
                            )}
                            {looking === null && !hand.isOwn && mayChange && !isDone && !isSettling && advice !== undefined && (
                                <NextTest
                                    key={trace.events.length}
                                    advice={advice}
                                    standing={trace.standing}
                                    more={trace.next.length > (advice === alone.advice ? 0 : 1)}
                                    disabled={outbox.busy}
                                    other={hand.other}
                                    send={outbox.send}
                                    prove={() => setOpen('prove')}
                                    see={(seen) => see(advice.red, seen)}
                                    watched={(seen) => see(advice.red, seen, 'as it starts')}
                                    felt={(felt) => void tell('felt', { target: advice.red, felt })}
                                    measured={(entered) => void tell('measured', { quantity: advice.red, entered })}
                                    leads={
                                        <>
                                            {advice.function !== null && isReady(advice) && head}
                                            {strip}
                                        </>
                                    }
                                />
                            )}
                            {looking === null && mayChange && (!isDone || hand.isOwn) && (
                                <p className="flex flex-wrap gap-2 px-5 py-2">
                                    {!hand.isOwn && (
                                        <button type="button" className="key flex-1" onClick={hand.take}>
                                            My own test
                                        </button>
                                    )}
                                    {sheet.quantities.length > 0 && (
                                        <button type="button" className="key flex-1" onClick={() => setOpen('measure')}>
                                            Pressure, temperature
                                        </button>
                                    )}
                                </p>
                            )}
                        </div>
                        <div className={`border-ink lg:border-t-2 ${shown('suspects')}`}>
                            <Suspects
                                trace={trace}
                                sheet={sheet}
                                look={(target) =>
                                    look(sheet.parts.some((p) => p.id === target) ? { part: target } : { wire: target })
                                }
                            />
                            {mayChange && trace.call.finding === null && (
                                <OwnFinding unexplained={trace.unexplained} disabled={outbox.busy} send={outbox.send} />
                            )}
                        </div>
                        <div className={shown('log')}>
                            <Log trace={trace} circuit={sheet} disabled={disabled} send={outbox.send} />
                        </div>
                    </div>
                    {pane === 'diagram' && !wide && hand.isOwn && mayChange && head}
                    {measures && looking === null && (wide || pane === 'test' || (pane === 'diagram' && hand.isOwn)) && (
                        <ReadingDock
                            call={id}
                            stamp={trace.events.length}
                            most={most}
                            hand={hand}
                            setEntered={setEntered}
                            keep={(text) => void keep(text)}
                            prove={() => setOpen('prove')}
                            disabled={outbox.busy}
                            field={field}
                        />
                    )}
                </aside>
                {(wide || pane === 'diagram') && (
                    <DrawingPane
                        trace={trace}
                        sheet={sheet}
                        drawn={drawn}
                        disabled={disabled}
                        send={outbox.send}
                        plain={!wide && hand.isOwn}
                        film={film}
                    />
                )}
            </div>
            <nav className="grid shrink-0 grid-cols-4 border-ink border-t-2 lg:hidden" aria-label="Panes">
                {PANES.map(([p, label]) => (
                    <button
                        key={p}
                        type="button"
                        aria-current={pane === p}
                        className="pane-key min-h-[50px] font-bold low:min-h-[44px]"
                        onClick={() => setPane(p)}
                    >
                        <span>{label}</span>
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
                quantities={sheet.quantities}
                disabled={outbox.busy}
                keep={(quantity, entered) => void tell('measured', { quantity, entered })}
            />
            <Keys.Bar open={() => setOpen('keys')} />
            <Keys.Sheet open={open === 'keys'} onOpenChange={(o) => setOpen(o ? 'keys' : null)} />
            <FindPoint
                open={open === 'find'}
                onOpenChange={(o) => setOpen(o ? 'find' : null)}
                circuit={sheet}
                lead={hand.lead}
                pick={(hit) => {
                    setOpen(null);
                    hit.kind === 'point' ? put(hit.id) : look(hit.kind === 'part' ? { part: hit.id } : { wire: hit.id });
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

const BackKey = ({ back }: { back: () => void }) => (
    <p className="px-5 py-3">
        <button type="button" className="key" onClick={back}>
            Back to the next test
        </button>
    </p>
);
