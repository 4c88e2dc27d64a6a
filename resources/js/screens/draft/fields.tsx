import { useState } from 'react';

interface EditProps {
    label: string;
    name: string;
    value: string;
    unit?: string;
    hint?: string;
    /** whether words go in it, and no figure */
    wide?: boolean;
    /** whether it was taken; what was not stays in the field */
    keep: (value: string) => Promise<boolean>;
}

/** A value that is kept when one leaves its field, or presses Enter. */
export function EditField({ label, name, value, unit, hint, wide = false, keep }: EditProps) {
    const [typed, setTyped] = useState<string | null>(null);
    const commit = async () => {
        if (typed !== null && typed.trim() !== value && typed.trim() !== '') {
            if (await keep(typed.trim())) {
                setTyped(null);
            }
        } else {
            setTyped(null);
        }
    };
    return (
        <label className={`grid gap-x-2 ${wide ? '' : 'grid-cols-[1fr_8.5rem] items-center'}`}>
            <span className="leading-tight">
                {label}
                {hint !== undefined && <span className="block text-quiet text-sm">{hint}</span>}
            </span>
            <span className="relative">
                <input
                    className={`field ${wide ? '' : 'font-mono'} ${unit === undefined || unit === '' ? '' : 'pr-9'}`}
                    name={name}
                    autoComplete="off"
                    value={typed ?? value}
                    onChange={(e) => setTyped(e.target.value)}
                    onBlur={() => void commit()}
                    onKeyDown={(e) => {
                        if (e.key === 'Enter') {
                            e.preventDefault();
                            void commit();
                        } else if (e.key === 'Escape') {
                            setTyped(null);
                        }
                    }}
                />
                {unit !== undefined && unit !== '' && (
                    <span className="pointer-events-none absolute top-3 right-2 text-quiet">{unit}</span>
                )}
            </span>
        </label>
    );
}

interface PickProps {
    label: string;
    name: string;
    value: string;
    choices: (readonly [value: string, words: string])[];
    keep: (value: string) => void;
}

export function PickField({ label, name, value, choices, keep }: PickProps) {
    return (
        <label className="grid gap-1">
            {label}
            <select className="field" name={name} value={value} onChange={(e) => keep(e.target.value)}>
                {!choices.some(([v]) => v === value) && <option value={value}>{value}</option>}
                {choices.map(([v, words]) => (
                    <option key={v} value={v}>
                        {words}
                    </option>
                ))}
            </select>
        </label>
    );
}
