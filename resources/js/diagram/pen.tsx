import type { Energy } from '../api/shapes';

/** A piece of a line as it is drawn when it carries this. */
export function Pen({ energy, width = 44 }: { energy: Energy; width?: number }) {
    const d = `M0 8H${width}`;
    return (
        <svg className="ladder inline-block shrink-0 align-[-3px]" width={width} height={16} aria-hidden="true">
            <path className={`mark ${energy}`} d={d} />
            <path className={`ink ${energy}`} d={d} />
            {energy === 'common' && <path className="core" d={d} />}
        </svg>
    );
}
