import { useState } from 'react';
import type { Quantity } from '../../api/shapes';
import { Sheet } from '../../ui/sheet';
import { Measure } from './measure';

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    quantities: Quantity[];
    disabled: boolean;
    keep: (quantity: string, entered: string) => void;
}

/** Pressures, temperatures and draft: what the unit works in. */
export function MeasureSheet({ open, onOpenChange, quantities, disabled, keep }: Props) {
    const [name, setName] = useState(quantities[0]?.name ?? '');
    const quantity = quantities.find((q) => q.name === name);
    return (
        <Sheet open={open} onOpenChange={onOpenChange} title="Pressure, temperature, draft">
            <label className="grid gap-1">
                What is measured
                <select className="field" name="what" value={name} onChange={(e) => setName(e.target.value)}>
                    {quantities.map((q) => (
                        <option key={q.name} value={q.name}>
                            {q.label}
                        </option>
                    ))}
                </select>
            </label>
            {quantity !== undefined && (
                <Measure key={name} quantity={quantity} disabled={disabled} keep={(entered) => keep(name, entered)} />
            )}
        </Sheet>
    );
}
