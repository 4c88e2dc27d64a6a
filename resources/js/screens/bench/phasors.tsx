import type { Phasor } from '../../api/shapes';

const SIZE = 260;
const REACH = 92;

/** Voltages as arrows from one point: how long each is, and which way it points. */
export function Phasors({ phasors }: { phasors: Phasor[] }) {
    const most = Math.max(...phasors.map((p) => p.volts), 1);
    const tip = (p: Phasor, reach: number) => {
        const angle = (p.degrees * Math.PI) / 180;
        return [SIZE / 2 + reach * Math.cos(angle), SIZE / 2 - reach * Math.sin(angle)] as const;
    };
    return (
        <svg
            viewBox={`0 0 ${SIZE} ${SIZE}`}
            className="row-drawing w-full max-w-[320px]"
            role="img"
            aria-label="The legs as phasors"
        >
            <polygon className="thin" points={phasors.map((p) => tip(p, (REACH * p.volts) / most).join(',')).join(' ')} />
            {phasors.map((p) => {
                const [x, y] = tip(p, (REACH * p.volts) / most);
                const [tx, ty] = tip(p, (REACH * p.volts) / most + 20);
                return (
                    <g key={p.name}>
                        <path className={p.is_odd ? 'odd' : ''} d={`M${SIZE / 2} ${SIZE / 2} L${x} ${y}`} />
                        <circle cx={x} cy={y} r={5} />
                        <text x={tx} y={ty + 5} className="font-bold">
                            {p.name}
                        </text>
                    </g>
                );
            })}
        </svg>
    );
}
