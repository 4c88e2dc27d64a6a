import type { Drawing } from '../api/shapes';

export interface Probes {
    red: string | null;
    black: string | null;
}

type Lead = 'red' | 'black';

interface At {
    lead: Lead;
    point: string;
    x: number;
    y: number;
    /** down to where its flag hangs */
    down: number;
}

const FLAG = 24;

/** Where a lead stands on a drawing: on a rail, where a rung begins. */
function placed(drawing: Drawing, lead: Lead, point: string | null): At[] {
    const rail = drawing.rails.find((r) => r.point === point);
    const joint = drawing.joints.find(([x]) => x === rail?.x);
    const dot = drawing.points.find((p) => p.point === point);
    const at = joint === undefined ? (dot === undefined ? undefined : [dot.x, dot.y]) : joint;
    if (at === undefined || point === null) {
        return [];
    }
    const [x = 0, y = 0] = at;
    const row = drawing.symbols.filter((s) => Math.abs(s.y - y) < 60 && s.said[1] > y).map((s) => s.said[1]);
    return [{ lead, point, x, y, down: Math.max(28, Math.min(...row, y + 60) - y + 6) }];
}

/** The two leads of the meter on the drawing; with their points' names where there is room for them. */
export function ProbesOn({ drawing, probes, named, zoom }: { drawing: Drawing; probes: Probes; named: boolean; zoom: number }) {
    const leads = [...placed(drawing, 'black', probes.black), ...placed(drawing, 'red', probes.red)];
    const size = Math.max(1, 1 / zoom);
    return (
        <g pointerEvents="none">
            {leads.map((at) => (
                <Lead key={at.lead} at={at} named={named} size={size} others={leads.filter((l) => l !== at)} />
            ))}
        </g>
    );
}

function Lead({ at, named, size, others }: { at: At; named: boolean; size: number; others: At[] }) {
    const fill = at.lead === 'red' ? 'var(--color-probe-red)' : 'var(--color-probe-black)';
    const text = named ? at.point : at.lead === 'red' ? 'R' : 'B';
    const wide = named ? text.length * 8.9 + 14 : FLAG;
    const near = others.find((o) => Math.abs(o.y - at.y) < 40 && Math.abs(o.x - at.x) < wide + 60);
    const lean = near === undefined ? 0 : (Math.sign(at.x - near.x) || (at.lead === 'red' ? -1 : 1)) * (wide / 2 - 9);
    return (
        <g data-probe={at.lead} transform={`translate(${at.x} ${at.y}) scale(${named ? 1 : size})`}>
            <path d={`M0 0V${at.down}`} stroke="var(--lead-edge)" strokeWidth={8} />
            <path d={`M0 0V${at.down}`} stroke={fill} strokeWidth={5.4} />
            <circle r={8.5} fill={fill} stroke="var(--lead-edge)" strokeWidth={1.8} />
            <rect
                x={lean - wide / 2}
                y={at.down}
                width={wide}
                height={FLAG}
                rx={2}
                fill={fill}
                stroke="var(--lead-edge)"
                strokeWidth={1.4}
            />
            <text x={lean} y={at.down + 17} textAnchor="middle" className="probe-name">
                {text}
            </text>
        </g>
    );
}
