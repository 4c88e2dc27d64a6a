import { useState } from 'react';
import type { CircuitSheet } from '../../api/shapes';
import { Found } from '../../ui/find';
import { Sheet } from '../../ui/sheet';

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    circuit: CircuitSheet;
    lead: 'red' | 'black';
    pick: (point: string, lead: 'red' | 'black') => void;
}

/** Any point by its name, part, place or wire colour; and what else there is by that name. */
export function FindPoint({ open, onOpenChange, circuit, lead, pick }: Props) {
    const [text, setText] = useState('');
    const wanted = text.toLowerCase();
    const colours = (point: string) =>
        circuit.wires.flatMap((w) => (w.from === point || w.to === point ? [w.colour] : [])).join(', ');
    const points = circuit.parts
        .flatMap((part) => part.points.map((point) => ({ point, part })))
        .filter(({ point, part }) => `${point} ${part.label} ${part.place} ${colours(point)}`.toLowerCase().includes(wanted));
    return (
        <Sheet open={open} onOpenChange={onOpenChange} title={`Put the ${lead} probe on`}>
            <input
                className="field mb-2"
                name="find"
                aria-label="Find a point"
                placeholder="HP, contactor, air handler, orange…"
                value={text}
                onChange={(e) => setText(e.target.value)}
            />
            <ul className="max-h-[55vh] overflow-y-auto">
                {points.map(({ point, part }) => (
                    <li key={point}>
                        <button
                            type="button"
                            className="grid min-h-[48px] w-full grid-cols-[7rem_1fr] items-center border-rule border-b text-left"
                            onClick={() => {
                                setText('');
                                pick(point, lead);
                            }}
                        >
                            <span className="font-bold font-mono">{point}</span>
                            <span>
                                {part.label}{' '}
                                <span className="text-quiet">
                                    {part.place}, {colours(point)}
                                </span>
                            </span>
                        </button>
                    </li>
                ))}
            </ul>
            {points.length === 0 && <p className="py-3">No point is called that on this unit.</p>}
            <Found words={text} go={() => onOpenChange(false)} />
        </Sheet>
    );
}
