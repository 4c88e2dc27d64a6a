import { useState } from 'react';
import type { CircuitSheet, Closeup, DrawnState, Trace } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';
import type { Known, OnDrawing } from '../../diagram/ladder';
import type { Probes } from '../../diagram/probes';
import { RungView } from '../../diagram/rung-view';
import { SheetView } from '../../diagram/sheet-view';
import type { Standing } from '../../diagram/standing';
import { OneOf } from '../../ui/one-of';
import { Conditions } from './conditions';

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
}

type View = 'rung' | 'sheet';

const VIEWS: [View, string][] = [
    ['rung', 'This rung'],
    ['sheet', 'Whole drawing'],
];

/** The drawing: the rung in question, or all of it; above it what is set. */
export function DrawingPane({ trace, sheet, drawn, disabled, send, plain }: Props) {
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
                <DrawnAs suspect={trace.drawn_as} />
                <OneOf label="Drawing" choices={VIEWS} value={view} set={setView} />
            </div>
            {view === 'rung' ? (
                <RungView {...on} sheet={sheet} rungs={rungs} fed whole={() => setView('sheet')} />
            ) : (
                <SheetView {...on} sheet={sheet} />
            )}
            {!plain && <Legend drawn={trace.drawn} />}
        </section>
    );
}

/** Says which unit the highlighter shows, so that nobody takes a model's guess for a measurement. */
function DrawnAs({ suspect }: { suspect: string | null }) {
    return (
        <p className={`min-w-0 text-quiet text-sm leading-tight ${suspect === null ? 'max-lg:hidden' : ''}`}>
            Drawn as {suspect === null ? 'a healthy unit' : 'it stands with: '}
            {suspect !== null && <strong className="text-ink">{suspect}</strong>}
        </p>
    );
}

const LEGEND: [string, string][] = [
    ['live', 'live'],
    ['common', 'common'],
    ['backfed', 'back-fed: reads, feeds nothing'],
    ['dead', 'dead'],
];

/** The pens; they tell the model's word, not a meter's. */
function Legend({ drawn }: { drawn: DrawnState }) {
    const used = new Set(drawn.points.map((p) => p.energy));
    return (
        <p className="flex shrink-0 flex-wrap gap-x-4 border-rule border-t px-4 py-1 text-quiet text-sm">
            {LEGEND.filter(([energy]) => used.has(energy as never)).map(([energy, words]) => (
                <span key={energy} className="whitespace-nowrap">
                    <svg className="ladder mr-1.5 inline-block align-[-3px]" width={44} height={16} aria-hidden="true">
                        <path className={`mark ${energy}`} d="M0 8H44" />
                        <path className={`ink ${energy}`} d="M0 8H44" />
                        {energy === 'common' && <path className="core" d="M0 8H44" />}
                    </svg>
                    {words}
                </span>
            ))}
            <span>As the model has it.</span>
        </p>
    );
}
