import { memo, useMemo, useState } from 'react';
import type { CircuitSheet, Drawing, DrawnSymbol, DrawnText, Energy } from '../api/shapes';
import { beside, type Item, itemsOf } from './along';
import { type Probes, ProbesOn } from './probes';
import { energyOf, type Standing } from './standing';

/** What is known of parts and wires. */
export interface Known {
    proved: string[];
    inDoubt: string[];
    /** of a circuit in the making: what is wrong, and what is otherwise than before */
    faulty?: string[];
    fresh?: string[];
}

export interface OnDrawing {
    onPoint: (point: string) => void;
    onPart: (part: string) => void;
    onWire: (wire: string) => void;
}

interface Props extends OnDrawing {
    sheet: CircuitSheet;
    drawing: Drawing;
    is: Standing;
    known: Known;
    probes: Probes;
    /** pixels a drawing unit */
    zoom: number;
    /** whether there is room for what is known and for the names at the leads */
    roomy: boolean;
    /** a part or a wire that is looked at */
    chosen: string | null;
    label: string;
}

/** Smaller than this on the screen no text is shown. Pixels. */
const LEAST = 14;

/** Below these zooms the less important texts are left out, and none is made smaller. */
const ROLES: [number, DrawnText['role'][]][] = [
    [1, ['title', 'number', 'part', 'point', 'caption', 'reference', 'colour']],
    [0.6, ['title', 'number', 'part']],
    [0, []],
];

const line = (path: number[][]) => `M${path.map(([x, y]) => `${x} ${y}`).join('L')}`;

/** The ladder diagram: highlighter under ink. Positions, strokes, and what is live or closed all come from the core. */
export const Ladder = memo(function Ladder(props: Props) {
    const { drawing, is, zoom, roomy } = props;
    const items = useMemo(() => itemsOf(drawing), [drawing]);
    const [at, setAt] = useState<string | null>(null);
    const roles = ROLES.find(([least]) => zoom >= least)?.[1] ?? [];
    const act = (item: Item) =>
        item.kind === 'point' ? props.onPoint(item.id) : item.kind === 'part' ? props.onPart(item.id) : props.onWire(item.id);
    const current = items.find((i) => i.key === at) ?? null;
    return (
        // biome-ignore lint/a11y/useSemanticElements: a drawing is no fieldset
        <svg
            role="group"
            className="ladder block"
            width={drawing.width * zoom}
            height={drawing.height * zoom}
            viewBox={`0 0 ${drawing.width} ${drawing.height}`}
            aria-label={props.label}
            aria-describedby={current === null ? undefined : `${props.label} here`}
            // biome-ignore lint/a11y/noNoninteractiveTabindex: one stop for the whole drawing, arrows within
            tabIndex={0}
            style={{ '--zoom': zoom } as React.CSSProperties}
            onKeyDown={(e) => {
                const next = beside(items, at, e.key);
                if (next !== undefined && e.key.startsWith('Arrow')) {
                    e.preventDefault();
                    e.stopPropagation();
                    setAt(next.key);
                } else if (e.key === 'Enter' && current !== null) {
                    e.preventDefault();
                    e.stopPropagation();
                    act(current);
                }
            }}
        >
            <title id={`${props.label} here`}>{current === null ? props.label : itemName(current, props.sheet)}</title>
            <Marks drawing={drawing} is={is} />
            <Ink drawing={drawing} is={is} known={props.known} chosen={props.chosen} onWire={props.onWire} />
            {drawing.symbols.map((s) => (
                <SymbolInk
                    key={s.id}
                    symbol={s}
                    closed={is.symbol(s.id)?.closed === true}
                    proved={props.known.proved.includes(s.part)}
                    inDoubt={props.known.inDoubt.includes(s.part)}
                    roomy={roomy}
                    zoom={zoom}
                    chosen={props.chosen === s.part}
                    faulty={props.known.faulty?.includes(s.part) === true}
                    fresh={props.known.fresh?.includes(s.part) === true}
                    onPart={props.onPart}
                />
            ))}
            {drawing.joints.map(([x, y]) => (
                <circle key={`${x} ${y}`} className="dot" cx={x} cy={y} r={3} />
            ))}
            {drawing.points.map((p) => (
                // biome-ignore lint/a11y/noStaticElementInteractions: the drawing as a whole takes the keys
                <g key={`${p.point} ${p.x} ${p.y}`} className="point" data-point={p.point} onClick={() => props.onPoint(p.point)}>
                    <circle className="reach" cx={p.x} cy={p.y} r={22} />
                    <circle className={p.flag ? 'flag' : 'dot'} cx={p.x} cy={p.y} r={4.5} />
                </g>
            ))}
            {drawing.texts
                .filter((t) => roles.includes(t.role) && t.text !== '')
                .map((t) => (
                    <text
                        key={`${t.role} ${t.x} ${t.y}`}
                        className={`t-${t.role}`}
                        x={t.x}
                        y={t.y}
                        textAnchor="middle"
                        fontSize={Math.max(t.size, LEAST / zoom)}
                    >
                        {t.text}
                    </text>
                ))}
            {current !== null && (
                <rect
                    key={current.key}
                    ref={intoView}
                    className="here"
                    x={current.x - 24}
                    y={current.y - 24}
                    width={48}
                    height={48}
                />
            )}
            <ProbesOn drawing={drawing} probes={props.probes} named={roomy} zoom={zoom} />
        </svg>
    );
});

/** Moved along by keys, it stays in sight. */
const intoView = (here: SVGRectElement | null) => here?.scrollIntoView?.({ block: 'nearest', inline: 'nearest' });

function itemName(item: Item, sheet: CircuitSheet): string {
    if (item.kind === 'point') {
        return `Point ${item.id}`;
    }
    if (item.kind === 'part') {
        return `${sheet.parts.find((p) => p.id === item.id)?.label ?? ''} ${item.id}`;
    }
    const wire = sheet.wires.find((w) => w.id === item.id);
    return wire === undefined ? item.id : `${wire.colour} wire, ${wire.from} to ${wire.to}`;
}

/** What the highlighter did. */
const Marks = memo(function Marks({ drawing, is }: { drawing: Drawing; is: Standing }) {
    return (
        <g>
            {drawing.rails.map((r) => (
                <path key={r.point} className={`mark ${is.point(r.point)}`} d={`M${r.x} ${r.y1}V${r.y2}`} />
            ))}
            {drawing.conductors.map((c) => (
                <path key={line(c.path)} className={`mark ${energyOf(c, is)}`} d={line(c.path)} />
            ))}
            {drawing.symbols.map((s) => (
                <SymbolMark key={s.id} symbol={s} is={is} />
            ))}
        </g>
    );
});

function SymbolMark({ symbol: s, is }: { symbol: DrawnSymbol; is: Standing }) {
    const [left, right] = [s.ends[0] ?? '', s.ends[s.ends.length - 1] ?? ''];
    return s.ends.length > 2 ? null : (
        <>
            <path className={`mark ${is.point(left)}`} d={`M${s.x - 46} ${s.y}H${s.x - 20}`} />
            <path className={`mark ${is.point(right)}`} d={`M${s.x + 20} ${s.y}H${s.x + 46}`} />
            <path className={`mark ${is.symbol(s.id)?.across ?? 'dead'}`} d={`M${s.x - 20} ${s.y}H${s.x + 20}`} />
        </>
    );
}

interface InkProps {
    drawing: Drawing;
    is: Standing;
    known: Known;
    chosen: string | null;
    onWire: (wire: string) => void;
}

/** Lines; what they carry is told by their weight and pattern as well. */
const Ink = memo(function Ink({ drawing, is, known, chosen, onWire }: InkProps) {
    return (
        <g>
            {drawing.rails.map((r) => (
                <InkLine key={r.point} energy={is.point(r.point)} d={`M${r.x} ${r.y1}V${r.y2}`} rail />
            ))}
            {drawing.conductors.map((c) =>
                c.wire === '' ? (
                    <InkLine key={line(c.path)} energy={energyOf(c, is)} d={line(c.path)} />
                ) : (
                    // biome-ignore lint/a11y/noStaticElementInteractions: the drawing as a whole takes the keys
                    <g key={c.wire} className="wire" data-wire={c.wire} onClick={() => onWire(c.wire)}>
                        <path className="reach" d={line(c.path)} />
                        {known.fresh?.includes(c.wire) === true && <path className="fresh" d={line(c.path)} />}
                        {chosen === c.wire && <path className="chosen" d={line(c.path)} />}
                        {known.faulty?.includes(c.wire) === true && <path className="fault" d={line(c.path)} />}
                        <InkLine energy={energyOf(c, is)} d={line(c.path)} broken={is.wire(c.wire)?.whole === false} />
                    </g>
                ),
            )}
        </g>
    );
});

function InkLine({ energy, d, rail = false, broken = false }: { energy: Energy; d: string; rail?: boolean; broken?: boolean }) {
    const kind = broken ? 'broken' : energy;
    return (
        <>
            <path className={`ink ${kind} ${rail ? 'rail' : ''}`} d={d} />
            {kind === 'common' && <path className="core" d={d} />}
        </>
    );
}

interface SymbolProps {
    symbol: DrawnSymbol;
    closed: boolean;
    proved: boolean;
    inDoubt: boolean;
    roomy: boolean;
    zoom: number;
    chosen: boolean;
    faulty: boolean;
    fresh: boolean;
    onPart: (part: string) => void;
}

const SymbolInk = memo(function SymbolInk(props: SymbolProps) {
    const { symbol: s, closed, proved, inDoubt, roomy, zoom, chosen, faulty, fresh, onPart } = props;
    const isRound = s.shape === 'coil' || s.shape === 'motor' || s.shape === 'three-phase motor';
    const said = proved ? 'proved' : inDoubt ? 'in doubt' : '';
    return (
        // biome-ignore lint/a11y/noStaticElementInteractions: the drawing as a whole takes the keys
        <g className="part" data-part={s.part} onClick={() => onPart(s.part)}>
            <rect className="reach" x={s.x - 24} y={s.y - 44} width={48} height={88} />
            {fresh && <rect className="fresh" x={s.x - 40} y={s.y - 22} width={80} height={44} />}
            {chosen && <rect className="chosen" x={s.x - 40} y={s.y - 47} width={80} height={76} />}
            {faulty && <rect className="fault" x={s.x - 36} y={s.y - 27} width={72} height={54} />}
            {isRound && (
                <circle cx={s.x} cy={s.y} r={s.shape === 'coil' ? 19 : s.shape === 'motor' ? 21 : 30} fill="var(--paper)" />
            )}
            <path className="ink glyph" transform={`translate(${s.x} ${s.y})`} d={closed ? s.closed : s.open} />
            {said !== '' && roomy && (
                <text className={`said ${proved ? 'good' : 'odd'}`} x={s.said[0]} y={s.said[1]} textAnchor="middle" fontSize={14}>
                    {proved ? '✓ ' : ''}
                    {said}
                </text>
            )}
            {said !== '' && !roomy && <Tick symbol={s} proved={proved} zoom={zoom} />}
        </g>
    );
});

/** Beside the letters of a part: proved, or in doubt. */
function Tick({ symbol: s, proved, zoom }: { symbol: DrawnSymbol; proved: boolean; zoom: number }) {
    const scale = Math.max(1, 1 / zoom);
    return (
        <g transform={`translate(${s.x + s.part.length * 5.6 * scale + 4} ${s.y - 35}) scale(${scale})`}>
            {proved ? (
                <path className="tick" d="M0 0l4 5l9 -11">
                    <title>proved</title>
                </path>
            ) : (
                <path className="doubt" d="M2 -6h8v8h-8z">
                    <title>in doubt</title>
                </path>
            )}
        </g>
    );
}
