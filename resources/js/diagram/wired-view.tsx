import { useEffect, useMemo, useRef } from 'react';
import type { CircuitSheet, Part, Wire } from '../api/shapes';
import { Swatch } from '../ui/colour';
import type { Known, OnDrawing } from './ladder';
import { Pen } from './pen';
import type { Probes } from './probes';
import { RunLines } from './run-lines';
import { ENERGY, type Standing } from './standing';
import { farEnd, wiresAt } from './wiring';

interface Props extends OnDrawing {
    sheet: CircuitSheet;
    is: Standing;
    known: Known;
    probes: Probes;
    chosen: string | null;
}

/** By where it sits: in the order in which the circuit has the places. */
function byPlace(parts: Part[]): [string, Part[]][] {
    const places = new Map<string, Part[]>();
    for (const part of parts) {
        places.set(part.place, [...(places.get(part.place) ?? []), part]);
    }
    return [...places];
}

/** The unit with its panels off: place by place, part by part, terminal by terminal, each wire by its colour and where it goes. */
export function WiredView({ sheet, ...on }: Props) {
    const box = useRef<HTMLDivElement>(null);
    const within = useRef<HTMLDivElement>(null);
    const { red, black } = on.probes;
    const runs = useMemo(() => sheet.wires.filter((w) => w.id === on.chosen), [sheet, on.chosen]);
    const wanted = on.chosen ?? red ?? black;
    useEffect(() => {
        if (wanted !== null) {
            box.current?.querySelector('[data-wanted=true]')?.scrollIntoView?.({ block: 'center' });
        }
    }, [wanted]);
    return (
        <section aria-label="As wired" className="relative min-h-0 flex-1 overflow-y-auto overscroll-contain px-4 pb-6" ref={box}>
            <div ref={within} className="relative">
                {byPlace(sheet.parts).map(([place, parts]) => (
                    <section key={place} aria-label={place}>
                        <h2 className="heading sticky top-0 z-[3] bg-paper py-2">{place}</h2>
                        <div className="wired-place">
                            {parts.map((part) => (
                                <Box key={part.id} part={part} sheet={sheet} {...on} />
                            ))}
                        </div>
                    </section>
                ))}
                <RunLines box={within} wires={runs} />
            </div>
        </section>
    );
}

interface BoxProps extends OnDrawing {
    part: Part;
    sheet: CircuitSheet;
    is: Standing;
    known: Known;
    probes: Probes;
    chosen: string | null;
}

function Box({ part, sheet, known, chosen, onPart, ...on }: BoxProps) {
    const isProved = known.proved.includes(part.id);
    return (
        <article className="border-2 border-ink bg-paper" data-wanted={chosen === part.id}>
            <button
                type="button"
                className="flex min-h-[44px] w-full items-center justify-between gap-2 border-ink border-b-2 px-2 text-left leading-tight"
                onClick={() => onPart(part.id)}
            >
                <span>
                    <strong>{part.label}</strong> <span className="font-mono">{part.id}</span>
                </span>
                {isProved && <strong className="text-good text-sm">✓ proved</strong>}
                {!isProved && known.inDoubt.includes(part.id) && <strong className="text-odd text-sm">in doubt</strong>}
            </button>
            <ul>
                {part.points.map((point) => (
                    <Terminal key={point} point={point} wires={wiresAt(sheet, point)} chosen={chosen} {...on} />
                ))}
            </ul>
        </article>
    );
}

interface TerminalProps {
    point: string;
    wires: Wire[];
    is: Standing;
    probes: Probes;
    chosen: string | null;
    onPoint: (point: string) => void;
    onWire: (wire: string) => void;
}

function Terminal({ point, wires, is, probes, chosen, onPoint, onWire }: TerminalProps) {
    const energy = is.point(point);
    const lead = probes.red === point ? 'R' : probes.black === point ? 'B' : null;
    return (
        <li className="grid grid-cols-[7.5rem_1fr] border-rule border-b last:border-b-0" data-terminal={point}>
            <button
                type="button"
                className="flex min-h-[44px] items-center gap-2 px-2 text-left"
                data-wanted={lead !== null}
                onClick={() => onPoint(point)}
            >
                <Pen energy={energy} width={22} />
                <span className="sr-only">{ENERGY[energy]}</span>
                <span className="font-bold font-mono text-sm">{point.slice(point.indexOf('.') + 1)}</span>
                {lead !== null && (
                    <strong className={`px-1.5 text-white ${lead === 'R' ? 'bg-probe-red' : 'bg-probe-black'}`}>{lead}</strong>
                )}
            </button>
            <div>
                {wires.map((w) => (
                    <button
                        key={w.id}
                        type="button"
                        className="wired-run"
                        data-run={w.id}
                        data-wanted={chosen === w.id}
                        onClick={() => onWire(w.id)}
                    >
                        <Swatch colour={w.colour} />
                        <span>
                            {w.colour} to <span className="font-mono">{farEnd(w, point)}</span>
                            {w.bundle !== '' && <span className="text-quiet"> · {w.bundle}</span>}
                            {is.wire(w.id)?.whole === false && <strong className="text-odd"> off</strong>}
                        </span>
                    </button>
                ))}
            </div>
        </li>
    );
}
