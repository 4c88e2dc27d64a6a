import type { Diagram, DiagramSymbol, Energy } from '../api/types';

export interface Probes {
    red: string | null;
    black: string | null;
}

interface Props {
    diagram: Diagram;
    probes: Probes;
    proved: string[];
    lifted: string[];
    onPoint: (point: string) => void;
    onPart: (part: string) => void;
}

const line = (path: [number, number][]) => `M${path.map(([x, y]) => `${x} ${y}`).join('L')}`;

/** The weaker of two ends: a conductor is highlighted only as far as it is the same at both. */
function between(energy: Record<string, Energy>, a: string, b: string): Energy {
    const [p, q] = [energy[a] ?? 'dead', energy[b] ?? 'dead'];
    return p === q ? p : 'dead';
}

/** The ladder diagram: highlighter under ink. All positions and strokes come from the core. */
export function Ladder({ diagram, probes, proved, lifted, onPoint, onPart }: Props) {
    const { energy } = diagram;
    const at = (point: string | null) => diagram.points.find((p) => p.point === point);
    return (
        <svg
            className="ladder block h-auto w-full min-w-[820px]"
            viewBox={`0 0 ${diagram.width} ${diagram.height}`}
            aria-label="Ladder diagram"
        >
            {diagram.rails.map((r) => (
                <path key={`m${r.point}`} className={`mark ${energy[r.point]}`} d={`M${r.x} ${r.y1}V${r.y2}`} />
            ))}
            {diagram.conductors.map((c) => (
                <path
                    key={`m${c.wire}${c.from}${c.to}${c.path[0]}`}
                    className={`mark ${between(energy, c.from, c.to)}`}
                    d={line(c.path)}
                />
            ))}
            {diagram.symbols.map((s) => (
                <SymbolMark key={`m${s.part}${s.left}`} symbol={s} energy={energy} />
            ))}
            {diagram.rails.map((r) => (
                <path key={r.point} className="ink rail" d={`M${r.x} ${r.y1}V${r.y2}`} />
            ))}
            {diagram.conductors.map((c) => (
                <path
                    key={`${c.wire}${c.from}${c.to}${c.path[0]}`}
                    className="ink"
                    d={line(c.path)}
                    strokeDasharray={lifted.includes(c.wire) ? '2 7' : undefined}
                >
                    <title>{wireTitle(diagram, c.wire)}</title>
                </path>
            ))}
            {diagram.symbols.map((s) => (
                <SymbolInk key={`${s.part}${s.left}`} symbol={s} proved={proved.includes(s.part)} onPart={onPart} />
            ))}
            {diagram.points.map((p) => (
                <PointDot key={`${p.point}${p.y}`} {...p} onPoint={onPoint} />
            ))}
            {diagram.titles.map((t) => (
                <text key={t.title} x={24} y={t.y} className="quiet" fontSize={15} fontWeight={700} letterSpacing={0.8}>
                    {t.title.toUpperCase()}
                </text>
            ))}
            <Probe point={at(probes.black)} lead="black" />
            <Probe point={at(probes.red)} lead="red" />
        </svg>
    );
}

function wireTitle(diagram: Diagram, id: string): string {
    const wire = diagram.wires.find((w) => w.id === id);
    return wire === undefined ? '' : `${wire.id}: ${wire.colour}, ${wire.gauge} AWG, ${wire.from} to ${wire.to}`;
}

function SymbolMark({ symbol: s, energy }: { symbol: DiagramSymbol; energy: Record<string, Energy> }) {
    const middle = (s.x1 + s.x2) / 2;
    const [l, r] = [energy[s.left] ?? 'dead', energy[s.right] ?? 'dead'];
    return (
        <>
            <path className={`mark ${l}`} d={`M${s.x1} ${s.y}H${middle - 20}`} />
            <path className={`mark ${r}`} d={`M${middle + 20} ${s.y}H${s.x2}`} />
            {l === r && l !== 'dead' && ['contact', 'fuse', 'switch', 'pressure', 'link'].includes(s.shape) && (
                <path className={`mark ${l}`} d={`M${middle - 20} ${s.y}H${middle + 20}`} />
            )}
        </>
    );
}

function SymbolInk({ symbol: s, proved, onPart }: { symbol: DiagramSymbol; proved: boolean; onPart: (part: string) => void }) {
    const middle = (s.x1 + s.x2) / 2;
    const looks = s.seen !== null;
    const act = looks ? () => onPart(s.part) : undefined;
    const isRound = s.shape === 'coil' || s.shape === 'motor';
    return (
        <g
            {...(looks
                ? {
                      role: 'button',
                      tabIndex: 0,
                      'aria-label': `What is seen of ${s.label}`,
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
            <title>{s.label}</title>
            <rect x={s.x1 + 16} y={s.y - 24} width={s.x2 - s.x1 - 32} height={48} fill="transparent" />
            {isRound && <circle cx={middle} cy={s.y} r={s.shape === 'motor' ? 21 : 19} fill="var(--paper)" />}
            <path className="ink" transform={`translate(${middle} ${s.y})`} d={s.strokes} />
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
