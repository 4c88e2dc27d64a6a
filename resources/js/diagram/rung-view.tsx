import { useMemo, useState } from 'react';
import type { CircuitSheet, Closeup } from '../api/shapes';
import { type Known, Ladder, type OnDrawing } from './ladder';
import type { Probes } from './probes';
import { RungWords } from './rung-words';
import { feedsOf } from './rungs';
import type { Standing } from './standing';
import { Viewport } from './viewport';

interface Props extends OnDrawing {
    sheet: CircuitSheet;
    /** those in question */
    rungs: Closeup[];
    is: Standing;
    known: Known;
    probes: Probes;
    chosen: string | null;
    /** whether what feeds them is shown as well, and each is headed */
    fed: boolean;
    /** two fingers closer together than any text allows: the whole sheet */
    whole: () => void;
}

/** Smaller than this nobody reads the rung: the whole sheet is meant. */
const WHOLE = 0.75;

/** Where little of a rung is seen, so much below its line is its middle. */
const STRIP = 26;

const titleOf = (rung: Closeup) => `${rung.section} · rung ${rung.number}`;

/** The rung in question as large as a finger needs it, and what feeds it. */
export function RungView({ sheet, rungs, fed, whole, ...on }: Props) {
    const [zoom, setZoom] = useState(1);
    const shown = useMemo(() => [...rungs, ...(fed ? feedsOf(sheet.rungs, rungs) : [])], [sheet.rungs, rungs, fed]);
    const first = rungs[0];
    const at = first?.drawing.points.find((p) => p.point === on.probes.red) ?? first?.drawing.points[0];
    const size = {
        width: Math.max(...shown.map((r) => r.drawing.width), 0),
        height: shown.reduce((sum, r) => sum + r.drawing.height, 0),
    };
    return (
        <Viewport
            label="This rung"
            size={size}
            zoom={zoom}
            setZoom={(to) => (to < WHOLE ? whole() : setZoom(Math.max(1, to)))}
            focus={
                at === undefined
                    ? null
                    : { key: `${first?.number} ${on.probes.red} ${on.probes.black}`, x: at.x, y: at.y + STRIP }
            }
        >
            {shown.map((rung, n) => (
                <section key={rung.number} className="w-max min-w-full" aria-label={titleOf(rung)} data-rung={rung.number}>
                    <h2 className={fed ? 'heading sticky left-0 inline-block px-4 pt-2' : 'sr-only'}>
                        {n >= rungs.length && 'Fed by: '}
                        {titleOf(rung)}
                    </h2>
                    <Ladder {...on} sheet={sheet} drawing={rung.drawing} zoom={zoom} roomy label={`Rung ${rung.number}`} />
                    <RungWords sheet={sheet} drawing={rung.drawing} is={on.is} title={titleOf(rung)} />
                </section>
            ))}
        </Viewport>
    );
}
