import { useState } from 'react';
import type { CircuitSheet } from '../../api/shapes';
import { Swatch } from '../../ui/colour';
import { Found } from '../../ui/find';
import { Sheet } from '../../ui/sheet';
import { type Hit, hits } from './hits';

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    circuit: CircuitSheet;
    lead: 'red' | 'black';
    pick: (hit: Hit) => void;
}

/** So many are listed; more words find what is not among them. */
const LISTED = 60;

/** Anything on this unit by its letters, its part, its kind, its place or a wire's colour; Enter takes the first. */
export function FindPoint({ open, onOpenChange, circuit, lead, pick }: Props) {
    const [text, setText] = useState('');
    const found = hits(circuit, text);
    const take = (hit: Hit | undefined) => {
        if (hit !== undefined) {
            setText('');
            pick(hit);
        }
    };
    return (
        <Sheet open={open} onOpenChange={onOpenChange} title="Find on this unit">
            <form
                onSubmit={(e) => {
                    e.preventDefault();
                    take(found[0]);
                }}
            >
                <input
                    className="field mb-2"
                    name="find"
                    aria-label="Find on this unit"
                    placeholder="HP, contactor, air handler, orange…"
                    autoComplete="off"
                    value={text}
                    onChange={(e) => setText(e.target.value)}
                />
            </form>
            <p className="text-quiet text-sm">On a point goes the {lead} lead. Enter takes the first.</p>
            <ul className="max-h-[50vh] overflow-y-auto">
                {found.slice(0, LISTED).map((hit) => (
                    <li key={`${hit.kind} ${hit.id}`}>
                        <button
                            type="button"
                            className="grid min-h-[48px] w-full grid-cols-[7rem_1fr] items-center border-rule border-b text-left"
                            data-hit={`${hit.kind} ${hit.id}`}
                            onClick={() => take(hit)}
                        >
                            <span className="font-bold font-mono">{hit.id}</span>
                            <span>
                                {hit.kind === 'part' && 'Part: '}
                                {hit.words}
                                {hit.kind !== 'wire' &&
                                    hit.colours.map((colour) => (
                                        <span key={colour} className="ml-2 whitespace-nowrap text-quiet">
                                            <Swatch colour={colour} />
                                            {colour}
                                        </span>
                                    ))}
                            </span>
                        </button>
                    </li>
                ))}
            </ul>
            {found.length > LISTED && <p className="py-2 text-quiet">And {found.length - LISTED} more: add a word.</p>}
            {found.length === 0 && <p className="py-3">Nothing is called that on this unit.</p>}
            <Found words={text} go={() => onOpenChange(false)} />
        </Sheet>
    );
}
