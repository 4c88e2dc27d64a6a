import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useBegin } from '../../api/circuits';
import type { CircuitSheet, Closeup, DrawnState, Energy, Trace } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';
import type { Known, OnDrawing } from '../../diagram/ladder';
import { Pen } from '../../diagram/pen';
import type { Probes } from '../../diagram/probes';
import { RungView } from '../../diagram/rung-view';
import { SheetView } from '../../diagram/sheet-view';
import type { Standing } from '../../diagram/standing';
import { WiredView } from '../../diagram/wired-view';
import { OneOf } from '../../ui/one-of';
import { Conditions } from './conditions';
import { TimeStrip } from './time-strip';
import type { Film } from './use-film';

export interface Drawn extends OnDrawing {
    rungs: Closeup[];
    is: Standing;
    known: Known;
    probes: Probes;
    chosen: string | null;
}

interface Props {
    trace: Trace;
    sheet: CircuitSheet;
    drawn: Drawn;
    disabled: boolean;
    send: Send;
    /** whether the meter in the hand needs the room: the drawing only */
    plain: boolean;
    film: Film;
}

type View = 'rung' | 'sheet' | 'wired';

const VIEWS: [View, string][] = [
    ['rung', 'This rung'],
    ['sheet', 'Whole drawing'],
    ['wired', 'As wired'],
];

/** The drawing: the rung in question, or all of it; above it what is set. */
export function DrawingPane({ trace, sheet, drawn, disabled, send, plain, film }: Props) {
    const [view, setView] = useState<View>('rung');
    const { rungs, ...on } = drawn;
    return (
        <section className="flex min-h-0 flex-1 flex-col lg:order-1" aria-label="Diagram">
            {!plain && (
                <Conditions
                    trace={trace}
                    disabled={disabled}
                    set={(name, value) => void send('condition', { name, value })}
                    send={send}
                />
            )}
            <div className="flex shrink-0 flex-wrap items-center justify-between gap-x-3 border-rule border-b px-4 py-1">
                <DrawnAs suspect={trace.drawn_as} film={film} />
                <span className="flex flex-wrap items-center gap-2">
                    <OneOf label="Drawing" choices={VIEWS} value={view} set={setView} />
                    {view === 'sheet' && <NotAsDrawn trace={trace} disabled={disabled} />}
                </span>
            </div>
            {view === 'rung' && <RungView {...on} sheet={sheet} rungs={rungs} fed whole={() => setView('sheet')} />}
            {view === 'sheet' && <SheetView {...on} sheet={sheet} />}
            {view === 'wired' && <WiredView {...on} sheet={sheet} />}
            {!plain && <TimeStrip trace={trace} sheet={sheet} film={film} onPart={drawn.onPart} />}
            {!plain && <Legend drawn={trace.drawn} />}
        </section>
    );
}

/** The unit has more, or is wired otherwise: its drawing is changed, and the call goes on with the new one. */
function NotAsDrawn({ trace, disabled }: { trace: Trace; disabled: boolean }) {
    const begin = useBegin();
    const navigate = useNavigate();
    return (
        <>
            <button
                type="button"
                className="key px-3"
                disabled={disabled || begin.isPending}
                onClick={() =>
                    begin.mutate(
                        { revision: trace.revision, unit: trace.call.unit.id },
                        { onSuccess: (draft) => void navigate(`/drafts/${draft.id}?call=${trace.call.id}`) },
                    )
                }
            >
                Not as drawn?
            </button>
            {begin.error !== null && <span role="alert">{begin.error.message}</span>}
        </>
    );
}

/** Says which unit the highlighter shows, so that nobody takes a model's guess for a measurement. */
function DrawnAs({ suspect, film }: { suspect: string | null; film: Film }) {
    const as = film.frame === null ? suspect : `in a story of the model, ${film.as ?? 'healthy'}`;
    return (
        <p className={`min-w-0 text-quiet text-sm leading-tight ${as === null ? 'max-lg:hidden' : ''}`}>
            Drawn as {as === null ? 'a healthy unit' : 'it stands '}
            {as !== null && film.frame === null && 'with: '}
            {as !== null && <strong className="text-ink">{as}</strong>}
        </p>
    );
}

const LEGEND: [Energy, string][] = [
    ['live', 'live'],
    ['common', 'common'],
    ['backfed', 'back-fed: reads, feeds nothing'],
    ['ghost', 'ghost: a high-impedance meter reads it'],
    ['dead', 'dead'],
];

/** The pens; they tell the model's word, not a meter's. */
function Legend({ drawn }: { drawn: DrawnState }) {
    const used = new Set(drawn.points.map((p) => p.energy));
    return (
        <p className="flex shrink-0 flex-wrap gap-x-4 border-rule border-t px-4 py-1 text-quiet text-sm">
            {LEGEND.filter(([energy]) => used.has(energy)).map(([energy, words]) => (
                <span key={energy} className="whitespace-nowrap">
                    <Pen energy={energy} /> {words}
                </span>
            ))}
            <span>As the model has it.</span>
        </p>
    );
}
