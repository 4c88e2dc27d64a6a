import { useState } from 'react';
import type { Quantity } from '../../api/shapes';

interface Props {
    quantity: Quantity;
    disabled: boolean;
    keep: (entered: string) => void;
}

/** What a gauge, a thermometer or a manometer shows, in the unit it shows. */
export function Measure({ quantity, disabled, keep }: Props) {
    const [text, setText] = useState('');
    const [unit, setUnit] = useState(quantity.units[0] ?? '');
    return (
        <form
            aria-label={quantity.label}
            data-answers
            className="mt-3 grid gap-2"
            onSubmit={(e) => {
                e.preventDefault();
                // a unit that is typed goes before the one that is chosen
                keep(/[a-z°"]/i.test(text) ? text : `${text} ${unit}`);
            }}
        >
            <div className="flex gap-2">
                <label className="flex min-h-[56px] flex-1 items-center border-2 border-ink bg-paper">
                    <span className="sr-only">{quantity.label}</span>
                    <input
                        name="quantity"
                        inputMode="decimal"
                        autoComplete="off"
                        placeholder="reading"
                        className="reading"
                        value={text}
                        onChange={(e) => setText(e.target.value)}
                    />
                </label>
                {quantity.units.map((u) => (
                    <button
                        key={u}
                        type="button"
                        className="key px-3"
                        aria-pressed={unit === u}
                        data-strong={unit === u}
                        onClick={() => setUnit(u)}
                    >
                        {u}
                    </button>
                ))}
            </div>
            <button type="submit" className="key min-h-[52px]" data-strong="true" disabled={disabled || text.trim() === ''}>
                Keep the reading
            </button>
        </form>
    );
}
