import { useMemo } from 'react';
import type { CircuitSheet, DrawnConductor, DrawnState, DrawnSymbol, Part, SymbolState, Wire } from '../api/shapes';

export interface Probes {
    red: string | null;
    black: string | null;
}

interface Props {
    sheet: CircuitSheet;
    drawn: DrawnState;
    probes: Probes;
    proved: string[];
    onPoint: (point: string) => void;
    onPart: (part: string) => void;
}

const line = (path: DrawnConductor['path']) => `M${path.map(([x, y]) => `${x} ${y}`).join('L')}`;

const byId = <T extends { id: string }>(items: T[]) => new Map(items.map((item) => [item.id, item]));

/** The ladder diagram: highlighter under ink. Positions, strokes, and what is live or closed all come from the core. */
export function Ladder({ sheet, drawn, probes, proved, onPoint, onPart }: Props) {
    const { drawing } = sheet;
    const parts = useMemo(() => byId(sheet.parts), [sheet.parts]);
    const wires = useMemo(() => byId(sheet.wires), [sheet.wires]);
    const energy = new Map(drawn.points.map((p) => [p.point, p.energy]));
    const conductors = byId(drawn.conductors);
    const symbols = byId(drawn.symbols);
    const at = (point: string | null) => drawing.points.find((p) => p.point === point);
    return (
        <svg
            className="ladder block h-auto w-full min-w-[820px]"
            viewBox={`0 0 ${drawing.width} ${drawing.height}`}
            aria-label="Ladder diagram"
        >
            {drawing.rails.map((r) => (
                <path key={`m${r.point}`} className={`mark ${energy.get(r.point)}`} d={`M${r.x} ${r.y1}V${r.y2}`} />
            ))}
            {drawing.conductors.map((c) => (
                <path key={`m${c.id}`} className={`mark ${conductors.get(c.id)?.energy}`} d={line(c.path)} />
            ))}
            {drawing.symbols.map((s) => (
                <SymbolMark key={`m${s.id}`} symbol={s} state={symbols.get(s.id)} />
            ))}
            {drawing.rails.map((r) => (
                <path key={r.point} className="ink rail" d={`M${r.x} ${r.y1}V${r.y2}`} />
            ))}
            {drawing.conductors.map((c) => (
                <path
                    key={c.id}
                    className="ink"
                    d={line(c.path)}
                    strokeDasharray={conductors.get(c.id)?.whole === false ? '2 7' : undefined}
                >
                    <title>{wireTitle(wires.get(c.wire))}</title>
                </path>
            ))}
            {drawing.symbols.map((s) => (
                <SymbolInk
                    key={s.id}
                    symbol={s}
                    state={symbols.get(s.id)}
                    part={parts.get(s.part)}
                    proved={proved.includes(s.part)}
                    onPart={onPart}
                />
            ))}
            {drawing.points.map((p) => (
                <PointDot key={`${p.point}${p.y}`} {...p} onPoint={onPoint} />
            ))}
            {drawing.titles.map((t) => (
                <text key={t.title} x={24} y={t.y} className="quiet" fontSize={15} fontWeight={700} letterSpacing={0.8}>
                    {t.title.toUpperCase()}
                </text>
            ))}
            <Probe point={at(probes.black)} lead="black" />
            <Probe point={at(probes.red)} lead="red" />
        </svg>
    );
}

const wireTitle = (w: Wire | undefined) => (w === undefined ? '' : `${w.id}: ${w.colour}, ${w.gauge} AWG, ${w.from} to ${w.to}`);

function SymbolMark({ symbol: s, state }: { symbol: DrawnSymbol; state: SymbolState | undefined }) {
    const middle = (s.x1 + s.x2) / 2;
    if (state === undefined) {
        return null;
    }
    return (
        <>
            <path className={`mark ${state.left}`} d={`M${s.x1} ${s.y}H${middle - 20}`} />
            <path className={`mark ${state.right}`} d={`M${middle + 20} ${s.y}H${s.x2}`} />
            <path className={`mark ${state.across}`} d={`M${middle - 20} ${s.y}H${middle + 20}`} />
        </>
    );
}

interface InkProps {
    symbol: DrawnSymbol;
    state: SymbolState | undefined;
    part: Part | undefined;
    proved: boolean;
    onPart: (part: string) => void;
}

function SymbolInk({ symbol: s, state, part, proved, onPart }: InkProps) {
    const middle = (s.x1 + s.x2) / 2;
    const looks = (part?.observables.length ?? 0) > 0;
    const label = part?.label ?? s.part;
    const act = looks ? () => onPart(s.part) : undefined;
    const isRound = s.shape === 'coil' || s.shape === 'motor';
    return (
        <g
            {...(looks
                ? {
                      role: 'button',
                      tabIndex: 0,
                      'aria-label': `What is seen of ${label}`,
                      onClick: act,
                      onKeyDown: (e: React.KeyboardEvent) => {
                          if (e.key === 'Enter') {
                              e.stopPropagation();
                              act?.();
                          }
                      },
                      style: { cursor: 'pointer' },
                  }
                : {})}
        >
            <title>{label}</title>
            <rect x={s.x1 + 16} y={s.y - 24} width={s.x2 - s.x1 - 32} height={48} fill="transparent" />
            {isRound && <circle cx={middle} cy={s.y} r={s.shape === 'motor' ? 21 : 19} fill="var(--paper)" />}
            <path className="ink" transform={`translate(${middle} ${s.y})`} d={state?.closed === true ? s.closed : s.open} />
            {isRound ? (
                <text x={middle} y={s.y + 4.5} textAnchor="middle" fontSize={s.part.length > 3 ? 12 : 13.5} fontWeight={700}>
                    {s.part}
                </text>
            ) : (
                <text
                    x={middle}
                    y={s.y - (s.shape === 'secondary' ? 29 : 22)}
                    textAnchor="middle"
                    fontSize={13.5}
                    fontWeight={700}
                >
                    {s.part}
                </text>
            )}
            {s.caption !== '' && s.caption !== 'coil' && (
                <text
                    x={middle}
                    y={s.y + (isRound ? 36 : s.shape === 'pressure' ? 38 : 30)}
                    textAnchor="middle"
                    fontSize={12.5}
                    className="quiet"
                >
                    {s.caption}
                </text>
            )}
            {proved && (
                <path
                    d={`M${middle + (s.shape === 'secondary' ? 37 : 26)} ${s.y - 26}l5 6l11 -13`}
                    fill="none"
                    stroke="var(--good)"
                    strokeWidth={3.4}
                    aria-label="proved"
                />
            )}
        </g>
    );
}

function PointDot({ point, x, y, onPoint }: { point: string; x: number; y: number; onPoint: (point: string) => void }) {
    return (
        // biome-ignore lint/a11y/useSemanticElements: an SVG group cannot be a button element
        <g
            className="point"
            role="button"
            tabIndex={0}
            aria-label={`Point ${point}`}
            data-point={point}
            onClick={() => onPoint(point)}
            onKeyDown={(e) => {
                if (e.key === 'Enter' || e.key === ' ') {
                    e.preventDefault();
                    e.stopPropagation();
                    onPoint(point);
                }
            }}
        >
            <circle className="reach" cx={x} cy={y} r={24} fill="transparent" />
            <circle className="dot" cx={x} cy={y} r={4.5} fill="var(--ink)" />
            <text x={x} y={y + 19} textAnchor="middle" fontSize={11.5} fontFamily="var(--font-mono)">
                {point}
            </text>
        </g>
    );
}

function Probe({ point, lead }: { point: { x: number; y: number; point: string } | undefined; lead: 'red' | 'black' }) {
    if (point === undefined) {
        return null;
    }
    const fill = lead === 'red' ? 'var(--color-probe-red)' : 'var(--color-probe-black)';
    const lean = lead === 'red' ? -16 : 16;
    const wide = point.point.length * 8.4 + 16;
    return (
        <g pointerEvents="none" data-probe={lead}>
            <path d={`M${point.x} ${point.y}l${lean} -30`} stroke={fill} strokeWidth={6} />
            <circle cx={point.x} cy={point.y} r={8} fill={fill} stroke="#fff" strokeWidth={1.6} />
            <rect
                x={point.x + lean - (lead === 'red' ? wide - 12 : 12)}
                y={point.y - 54}
                width={wide}
                height={26}
                rx={3}
                fill={fill}
                stroke="#fff"
                strokeWidth={1.2}
            />
            <text
                x={point.x + lean - (lead === 'red' ? wide / 2 - 12 : 12 - wide / 2)}
                y={point.y - 36.5}
                textAnchor="middle"
                fontSize={13.5}
                fontWeight={700}
                fontFamily="var(--font-mono)"
                style={{ fill: '#fff' }}
            >
                {point.point}
            </text>
        </g>
    );
}
