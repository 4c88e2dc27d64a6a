import type { DrawnConductor, DrawnState, Energy, SymbolState, WireState } from '../api/shapes';

/** What a unit does, by what it is said of. */
export interface Standing {
    point: (point: string) => Energy;
    wire: (wire: string) => WireState | undefined;
    symbol: (id: string) => SymbolState | undefined;
}

export function standing(state: DrawnState): Standing {
    const points = new Map(state.points.map((p) => [p.point, p.energy]));
    const wires = new Map(state.wires.map((w) => [w.wire, w]));
    const symbols = new Map(state.symbols.map((s) => [s.id, s]));
    return {
        point: (point) => points.get(point) ?? 'dead',
        wire: (wire) => wires.get(wire),
        symbol: (id) => symbols.get(id),
    };
}

/** As it is said. */
export const ENERGY: Record<Energy, string> = {
    live: 'live',
    common: 'common',
    backfed: 'back-fed',
    ghost: 'ghost',
    dead: 'dead',
};

/** A wire stands as a whole, the lead of a symbol as the point it belongs to. */
export const energyOf = (c: DrawnConductor, is: Standing): Energy =>
    c.wire === '' ? is.point(c.from) : (is.wire(c.wire)?.energy ?? 'dead');
