import { useState } from 'react';
import type { Diagram } from '../../api/types';
import { Sheet } from '../../ui/sheet';

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    diagram: Diagram;
    lead: 'red' | 'black';
    pick: (point: string, lead: 'red' | 'black') => void;
}

/** Any point by its name, part or place. */
export function FindPoint({ open, onOpenChange, diagram, lead, pick }: Props) {
    const [text, setText] = useState('');
    const wanted = text.toLowerCase();
    const points = Object.keys(diagram.energy).filter((point) => {
        const part = diagram.parts[point.slice(0, point.lastIndexOf('.'))];
        return `${point} ${part?.label} ${part?.place}`.toLowerCase().includes(wanted);
    });
    return (
        <Sheet open={open} onOpenChange={onOpenChange} title={`Put the ${lead} probe on`}>
            <input
                className="field mb-2"
                name="find"
                aria-label="Find a point"
                placeholder="HP, contactor, air handler…"
                value={text}
                onChange={(e) => setText(e.target.value)}
            />
            <ul className="max-h-[55vh] overflow-y-auto">
                {points.map((point) => {
                    const part = diagram.parts[point.slice(0, point.lastIndexOf('.'))];
                    return (
                        <li key={point}>
                            <button
                                type="button"
                                className="grid min-h-[48px] w-full grid-cols-[7rem_1fr] items-center border-rule border-b text-left hover:bg-margin"
                                onClick={() => {
                                    setText('');
                                    pick(point, lead);
                                }}
                            >
                                <span className="font-bold font-mono">{point}</span>
                                <span>
                                    {part?.label} <span className="text-quiet">{part?.place}</span>
                                </span>
                            </button>
                        </li>
                    );
                })}
            </ul>
            {points.length === 0 && <p className="py-3">No point is called that on this unit.</p>}
        </Sheet>
    );
}
