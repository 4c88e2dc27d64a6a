import type { Closeup } from '../api/shapes';
import type { Probes } from './probes';

const has = (rung: Closeup, point: string | null) =>
    point !== null && (rung.drawing.points.some((p) => p.point === point) || rung.drawing.rails.some((r) => r.point === point));

/** The one with least beside what is looked for. */
const smallest = (rungs: Closeup[]): Closeup | undefined =>
    rungs.reduce<Closeup | undefined>(
        (best, r) => (best === undefined || r.drawing.points.length < best.drawing.points.length ? r : best),
        undefined,
    );

/** The rungs that the leads are on: one with both, or else one for each. */
export function rungsOf(rungs: Closeup[], probes: Probes): Closeup[] {
    const both = smallest(rungs.filter((r) => has(r, probes.red) && has(r, probes.black)));
    if (both !== undefined) {
        return [both];
    }
    const each = [probes.red, probes.black].map((point) => smallest(rungs.filter((r) => has(r, point))));
    return [...new Set(each.filter((r) => r !== undefined))];
}

/** What a part mainly is: its other symbols are what that works, or feeds. */
const MAIN = ['board', 'coil', 'motor', 'three-phase motor', 'primary'];

/** The rung of a part, where it mainly is, or of a wire. */
export const rungWith = (rungs: Closeup[], id: string): Closeup | undefined =>
    rungs.find((r) => r.drawing.symbols.some((s) => s.part === id && MAIN.includes(s.shape))) ??
    rungs.find((r) => r.drawing.symbols.some((s) => s.part === id) || r.drawing.conductors.some((c) => c.wire === id));

/** Where a part is drawn, and what of it is there, its coil here and its contacts there: each on the rung that has least beside it. */
export function drawnOn(rungs: Closeup[], part: string): { rung: Closeup; what: string }[] {
    const symbols = rungs.flatMap((r) => r.drawing.symbols.filter((s) => s.part === part));
    const whats = new Map<Closeup, Set<string>>();
    for (const id of new Set(symbols.map((s) => s.id))) {
        const rung = smallest(rungs.filter((r) => r.drawing.symbols.some((s) => s.id === id)));
        const shape = symbols.find((s) => s.id === id)?.shape;
        if (rung !== undefined && shape !== undefined) {
            whats.set(rung, (whats.get(rung) ?? new Set()).add(shape));
        }
    }
    return [...whats].map(([rung, what]) => ({ rung, what: [...what].join(', ') })).sort((a, b) => a.rung.number - b.rung.number);
}

/** What feeds some rungs, those themselves left out. */
export const feedsOf = (rungs: Closeup[], shown: Closeup[]): Closeup[] =>
    rungs.filter((r) => !shown.includes(r) && shown.some((s) => s.feeds.includes(r.number)));
