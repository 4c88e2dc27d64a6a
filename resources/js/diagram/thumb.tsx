import type { Thumb as Lines } from '../api/shapes';

/** A drawing so small that its lines are all there is to see. */
export function Thumb({ drawing, label }: { drawing: Lines; label: string }) {
    return (
        <svg
            role="img"
            aria-label={label}
            className="ladder-thumb block h-full w-full"
            viewBox={`0 0 ${drawing.width} ${drawing.height}`}
            preserveAspectRatio="xMidYMin slice"
        >
            <path d={drawing.lines} />
        </svg>
    );
}
