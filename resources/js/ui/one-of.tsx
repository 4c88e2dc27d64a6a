interface Props<T extends string> {
    label: string;
    choices: readonly (readonly [T, string])[];
    /** null: none is chosen yet */
    value: T | null;
    set: (value: T) => void;
}

/** One of a few, each a key; the one that is chosen is lit. */
export function OneOf<T extends string>({ label, choices, value, set }: Props<T>) {
    return (
        <fieldset className="flex flex-wrap gap-2" aria-label={label}>
            {choices.map(([choice, words]) => (
                <button
                    key={choice}
                    type="button"
                    className="key px-3"
                    aria-pressed={value === choice}
                    data-on={value === choice}
                    data-choice={choice}
                    onClick={() => set(choice)}
                >
                    {words}
                </button>
            ))}
        </fieldset>
    );
}
