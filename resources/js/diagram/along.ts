import type { Drawing } from '../api/shapes';

/** Something on the drawing that can be gone to: a point, a part, a wire. */
export interface Item {
    kind: 'point' | 'part' | 'wire';
    /** unique on the drawing */
    key: string;
    id: string;
    x: number;
    y: number;
}

/** On one row when no further apart than this. */
const ROW = 24;

const middle = (path: [number, number][] | number[][]): [number, number] => {
    const last = path.length - 1;
    const [x1 = 0, y1 = 0] = path[last - 1] ?? [];
    const [x2 = 0, y2 = 0] = path[last] ?? [];
    return [(x1 + x2) / 2, (y1 + y2) / 2];
};

/** Everything on a drawing in the order in which it is read: row by row, from left to right. */
export function itemsOf(drawing: Drawing): Item[] {
    const items: Item[] = [
        ...drawing.points.map((p, n): Item => ({ kind: 'point', key: `point ${n}`, id: p.point, x: p.x, y: p.y })),
        ...drawing.symbols.map((s): Item => ({ kind: 'part', key: `part ${s.id}`, id: s.part, x: s.x, y: s.y })),
        ...drawing.conductors.flatMap((c): Item[] => {
            const [x, y] = middle(c.path);
            return c.wire === '' ? [] : [{ kind: 'wire', key: `wire ${c.wire}`, id: c.wire, x, y }];
        }),
    ];
    return items.sort((a, b) => (Math.abs(a.y - b.y) < ROW ? a.x - b.x : a.y - b.y));
}

/** Where an arrow key leads from an item. */
export function beside(items: Item[], key: string | null, arrow: string): Item | undefined {
    const at = items.findIndex((i) => i.key === key);
    const from = items[at];
    if (from === undefined) {
        return items[0];
    }
    const row = (up: boolean) => {
        const others = items.filter((i) => (up ? i.y < from.y - ROW : i.y > from.y + ROW));
        const y = up ? Math.max(...others.map((i) => i.y)) : Math.min(...others.map((i) => i.y));
        return others
            .filter((i) => Math.abs(i.y - y) < ROW)
            .reduce<Item | undefined>(
                (best, i) => (best === undefined || Math.abs(i.x - from.x) < Math.abs(best.x - from.x) ? i : best),
                undefined,
            );
    };
    switch (arrow) {
        case 'ArrowRight':
            return items[at + 1];
        case 'ArrowLeft':
            return items[at - 1];
        case 'ArrowUp':
            return row(true);
        case 'ArrowDown':
            return row(false);
        default:
            return undefined;
    }
}
