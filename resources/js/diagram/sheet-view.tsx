import { useState } from 'react';
import type { CircuitSheet, Drawing } from '../api/shapes';
import { type Known, Ladder, type OnDrawing } from './ladder';
import type { Probes } from './probes';
import { RungWords } from './rung-words';
import type { Standing } from './standing';
import { step, Viewport } from './viewport';

interface Props extends OnDrawing {
    sheet: CircuitSheet;
    is: Standing;
    known: Known;
    probes: Probes;
    chosen: string | null;
}

/** The whole drawing, near or far. */
export function SheetView({ sheet, ...on }: Props) {
    const [zoom, setZoom] = useState(0.8);
    const { drawing } = sheet;
    const probed = drawing.points.find((p) => p.point === on.probes.red);
    const at = probed ?? chosenAt(drawing, on.chosen);
    return (
        <div className="relative flex min-h-0 flex-1 flex-col">
            <Viewport
                label="Whole drawing"
                size={drawing}
                zoom={zoom}
                setZoom={setZoom}
                focus={at === null ? null : { key: `${on.probes.red} ${on.probes.black} ${on.chosen}`, x: at.x, y: at.y }}
                map={<MapLines drawing={drawing} />}
            >
                <Ladder {...on} sheet={sheet} drawing={drawing} zoom={zoom} roomy={false} label="Ladder diagram" />
                <RungWords sheet={sheet} drawing={drawing} is={on.is} title="The whole drawing" />
            </Viewport>
            <div className="absolute right-4 bottom-3 flex gap-2">
                <button
                    type="button"
                    className="key px-4 text-xl"
                    aria-label="Farther"
                    onClick={() => setZoom(step(zoom, false))}
                >
                    −
                </button>
                <button type="button" className="key px-4 text-xl" aria-label="Nearer" onClick={() => setZoom(step(zoom, true))}>
                    +
                </button>
            </div>
        </div>
    );
}

/** Where a part or a wire is drawn. */
function chosenAt(drawing: Drawing, chosen: string | null): { x: number; y: number } | null {
    const symbol = drawing.symbols.find((s) => s.part === chosen);
    const [x, y] = drawing.conductors.find((c) => c.wire !== '' && c.wire === chosen)?.path[0] ?? [];
    return symbol ?? (x === undefined || y === undefined ? null : { x, y });
}

/** Lines only: where the sections are. */
function MapLines({ drawing }: { drawing: Drawing }) {
    return (
        <path
            d={[
                ...drawing.conductors.map((c) => `M${c.path.map(([x, y]) => `${x} ${y}`).join('L')}`),
                ...drawing.rails.map((r) => `M${r.x} ${r.y1}V${r.y2}`),
            ].join('')}
        />
    );
}
