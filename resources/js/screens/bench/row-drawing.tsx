import type { BenchRow } from '../../api/shapes';

const WIDTH = 360;
const MARGIN = 46;
const LINE = 96;

/** Letters of a name that fit under an outer post. */
const FITS = 9;

const EDGE = 4;

/** Half the width of what is drawn between two posts. */
const HALF = 26;

const SHAPES: Record<BenchRow['pieces'][number]['shape'], (x: number) => string> = {
    winding: (x) => {
        const turns = [-18, -6, 6, 18].map((d) => `A6 9 0 0 1 ${x + d + 6} ${LINE}`);
        return `M${x - HALF} ${LINE} h2 M${x + HALF} ${LINE} h-2 M${x - 24} ${LINE} ${turns.join(' ')}`;
    },
    coil: (x) => `M${x - HALF} ${LINE} h12 M${x + HALF} ${LINE} h-12 M${x - 14} ${LINE} a14 14 0 1 1 28 0 a14 14 0 1 1 -28 0`,
    capacitor: (x) =>
        `M${x - 5} ${LINE - 16} v32 M${x + 5} ${LINE - 16} v32 M${x - HALF} ${LINE} H${x - 5} M${x + 5} ${LINE} H${x + HALF}`,
    contact: (x) =>
        `M${x - 8} ${LINE - 16} v32 M${x + 8} ${LINE - 16} v32 M${x - HALF} ${LINE} H${x - 8} M${x + 8} ${LINE} H${x + HALF}`,
    fuse: (x) => `M${x - HALF} ${LINE} q13 -18 26 0 t26 0`,
    heater: (x) => `M${x - HALF} ${LINE} h2 l4 -9 l8 18 l8 -18 l8 18 l8 -18 l8 18 l4 -9 h2`,
    insulation: (x) => `M${x - HALF} ${LINE} h8 m4 0 h8 m4 0 h8 m4 0 h8 m4 0 h8`,
    gap: () => '',
    wire: (x) => `M${x - HALF} ${LINE} H${x + HALF}`,
};

/** Where the probes go: posts in a row, what lies between them, and what is typed for each. */
export function RowDrawing({ row, typed }: { row: BenchRow; typed: (entry: string) => string }) {
    const step = (WIDTH - 2 * MARGIN) / Math.max(1, row.posts.length - 1);
    const at = (n: number) => MARGIN + n * step;
    const says = (words: string, entry: string) => [words, entry === '' ? '' : typed(entry)].filter((t) => t !== '');
    const nameOf = (post: BenchRow['posts'][number]) => (post.entry === '' ? '' : typed(post.entry)) || post.name;
    /** Under its post, or from the edge where it is too long for that. */
    const named = (n: number) => {
        const isLong = nameOf(row.posts[n] as BenchRow['posts'][number]).length > FITS;
        return isLong && n === 0
            ? { x: EDGE, style: { textAnchor: 'start' as const } }
            : isLong && n === row.posts.length - 1
              ? { x: WIDTH - EDGE, style: { textAnchor: 'end' as const } }
              : { x: at(n) };
    };
    const over = says(row.over, row.entry).join(': ');
    const top = over === '' ? LINE - 58 : 0;
    const bottom = row.posts.some((post) => post.role !== '') ? LINE + 54 : LINE + 36;
    return (
        <svg
            viewBox={`0 ${top} ${WIDTH} ${bottom - top}`}
            className="row-drawing w-full max-w-[460px]"
            role="img"
            aria-label="Where the probes go"
        >
            {over !== '' && (
                <>
                    <path className="thin" d={`M${at(0)} 40 V26 H${at(row.posts.length - 1)} V40`} />
                    <text x={WIDTH / 2} y={18}>
                        {over}
                    </text>
                </>
            )}
            {row.pieces.map((piece, n) => {
                const x = (at(n) + at(n + 1)) / 2;
                const isGap = piece.shape === 'gap';
                return (
                    // biome-ignore lint/suspicious/noArrayIndexKey: a piece has no name but its place
                    <g key={n}>
                        {!isGap && <path d={`M${at(n)} ${LINE} H${x - HALF} M${x + HALF} ${LINE} H${at(n + 1)}`} />}
                        <path d={SHAPES[piece.shape](x)} />
                        {says(piece.words, piece.entry).map((line, k, lines) => (
                            <text key={line} x={x} y={LINE - 24 - 16 * (lines.length - 1 - k)}>
                                {line}
                            </text>
                        ))}
                    </g>
                );
            })}
            {row.posts.map((post, n) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: two may have one name
                <g key={n}>
                    <circle cx={at(n)} cy={LINE} r={5} />
                    <text {...named(n)} y={LINE + 26} className="font-bold">
                        {nameOf(post)}
                    </text>
                    {post.role !== '' && (
                        <text x={at(n)} y={LINE + 44} className="quiet">
                            {post.role}
                        </text>
                    )}
                </g>
            ))}
        </svg>
    );
}
