import type { CircuitSheet, Part, Wire } from '../api/shapes';
import { Swatch } from '../ui/colour';

/** The part that a point belongs to. */
export const partAt = (sheet: CircuitSheet, point: string): Part | undefined => sheet.parts.find((p) => p.points.includes(point));

/** All wires that end on a point. */
export const wiresAt = (sheet: CircuitSheet, point: string): Wire[] =>
    sheet.wires.filter((w) => w.from === point || w.to === point);

/** Where a wire goes from one of its ends. */
export const farEnd = (wire: Wire, point: string): string => (wire.from === point ? wire.to : wire.from);

/** Wires on a point, each by its colour and where it goes. */
export function WiresFrom({ point, wires }: { point: string; wires: Wire[] }) {
    return wires.map((w) => (
        <span key={w.id} className="mr-3 whitespace-nowrap">
            <Swatch colour={w.colour} />
            {w.colour} to {farEnd(w, point)}
        </span>
    ));
}
