import type { CircuitSheet } from '../../api/shapes';
import { wiresAt } from '../../diagram/wiring';

/** Something on this unit that was looked for. */
export interface Hit {
    kind: 'point' | 'part' | 'wire';
    id: string;
    words: string;
    colours: string[];
}

interface Found {
    hit: Hit;
    /** all that it can be found by */
    by: string;
}

/** Everything on a unit that has a name: parts by letters, words, kind and place; wires by colour and ends; points by all of these. */
function everything(sheet: CircuitSheet): Found[] {
    const parts = sheet.parts.map(
        (p): Found => ({
            hit: { kind: 'part', id: p.id, words: `${p.label}, ${p.place}`, colours: [] },
            by: `${p.id} ${p.label} ${p.kind} ${p.place}`,
        }),
    );
    const wires = sheet.wires.map(
        (w): Found => ({
            hit: { kind: 'wire', id: w.id, words: `${w.colour} wire ${w.from} – ${w.to}`, colours: [w.colour] },
            by: `${w.id} ${w.colour} wire ${w.from} ${w.to} ${w.bundle}`,
        }),
    );
    const points = sheet.parts.flatMap((p) =>
        p.points.map((point): Found => {
            const colours = [...new Set(wiresAt(sheet, point).map((w) => w.colour))];
            return {
                hit: { kind: 'point', id: point, words: `${p.label}, ${p.place}`, colours },
                by: `${point} ${p.label} ${p.kind} ${p.place} ${colours.join(' ')}`,
            };
        }),
    );
    return [...points, ...parts, ...wires];
}

/** What all the words are found in: what is called just that comes first, then what begins with it. */
export function hits(sheet: CircuitSheet, text: string): Hit[] {
    const words = text.toLowerCase().split(/\s+/).filter(Boolean);
    const whole = words.join(' ');
    const rank = ({ hit }: Found) => {
        const id = hit.id.toLowerCase();
        return id === whole ? 0 : id.startsWith(whole) ? 1 : 2;
    };
    return everything(sheet)
        .filter(({ by }) => words.every((word) => by.toLowerCase().includes(word)))
        .map((found, n) => ({ found, n, rank: rank(found) }))
        .sort((a, b) => a.rank - b.rank || a.n - b.n)
        .map(({ found }) => found.hit);
}
