import type { CircuitSheet, Drawing } from '../api/shapes';
import { itemsOf } from './along';
import { ENERGY, type Standing } from './standing';

/** A drawing read aloud: each row from left to right, with what is live and what is closed. */
export function RungWords({ sheet, drawing, is, title }: { sheet: CircuitSheet; drawing: Drawing; is: Standing; title: string }) {
    const rows = new Map<number, string[]>();
    for (const item of itemsOf(drawing)) {
        const row = [...rows.keys()].find((y) => Math.abs(y - item.y) < 24) ?? item.y;
        rows.set(row, [...(rows.get(row) ?? []), words(item.kind, item.id, item.key, sheet, is)]);
    }
    return (
        <div className="sr-only" data-rung-words>
            <h2>{title} in words</h2>
            <ol>
                {[...rows].map(([y, said]) => (
                    <li key={y}>{said.join(', ')}.</li>
                ))}
            </ol>
        </div>
    );
}

function words(kind: string, id: string, key: string, sheet: CircuitSheet, is: Standing): string {
    if (kind === 'point') {
        return `point ${id}, ${ENERGY[is.point(id)]}`;
    }
    if (kind === 'part') {
        const label = sheet.parts.find((p) => p.id === id)?.label ?? id;
        return `${label}${is.symbol(key.slice('part '.length))?.closed === true ? ', closed' : ''}`;
    }
    const wire = sheet.wires.find((w) => w.id === id);
    return `${wire?.colour ?? ''} wire${is.wire(id)?.whole === false ? ', not joined' : ''}`;
}
