import { type RefObject, useEffect, useState } from 'react';
import type { Wire } from '../api/shapes';
import { inkOf } from '../ui/colour';

interface Props {
    /** what holds both ends of each, by data-run */
    box: RefObject<HTMLElement | null>;
    wires: Wire[];
}

interface Run {
    id: string;
    colour: string;
    path: string;
}

/** Where a wire leaves its terminal, from the left edge of its line. Pixels. */
const OUT = 16;

/** How far it bows out beside the boxes at the most. Pixels. */
const BOW = 60;

/** Wires drawn from one end to the other, over the boxes that they join, as one sees them run. */
export function RunLines({ box, wires }: Props) {
    const [runs, setRuns] = useState<Run[]>([]);
    useEffect(() => {
        const at = box.current;
        if (at === null) {
            return;
        }
        const draw = () => setRuns(wires.flatMap((wire) => run(at, wire) ?? []));
        draw();
        // boxes change places when the window does
        const watch = new ResizeObserver(draw);
        watch.observe(at);
        return () => watch.disconnect();
    }, [box, wires]);
    return (
        <svg className="pointer-events-none absolute inset-0 z-[2] h-full w-full overflow-visible" aria-hidden="true" data-runs>
            {runs.map((r) => (
                <g key={r.id} fill="none" strokeLinecap="round">
                    <path d={r.path} stroke="var(--paper)" strokeWidth={9} />
                    <path d={r.path} stroke="var(--ink)" strokeWidth={6} />
                    <path d={r.path} stroke={inkOf(r.colour)} strokeWidth={3.5} />
                </g>
            ))}
        </svg>
    );
}

function run(box: HTMLElement, wire: Wire): Run[] | null {
    const [from, to] = [...box.querySelectorAll<HTMLElement>('[data-run]')].filter((end) => end.dataset.run === wire.id);
    if (from === undefined || to === undefined) {
        return null;
    }
    const frame = box.getBoundingClientRect();
    const [a, b] = [from, to].map((end) => {
        const { left, top, height } = end.getBoundingClientRect();
        return { x: left - frame.left + OUT, y: top - frame.top + height / 2 };
    }) as [{ x: number; y: number }, { x: number; y: number }];
    // beside each other it hangs below, one above the other it bows out to the left
    const bow = Math.min(BOW, Math.hypot(a.x - b.x, a.y - b.y) / 2);
    const [dx, dy] = Math.abs(a.x - b.x) < BOW ? [-bow, 0] : [0, bow];
    return [
        {
            id: wire.id,
            colour: wire.colour,
            path: `M${a.x} ${a.y}C${a.x + dx} ${a.y + dy} ${b.x + dx} ${b.y + dy} ${b.x} ${b.y}`,
        },
    ];
}
