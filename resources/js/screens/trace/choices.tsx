interface Props {
    choices: string[];
    disabled: boolean;
    pick: (choice: string) => void;
}

/** One of several things that are seen or felt. */
export function Choices({ choices, disabled, pick }: Props) {
    return (
        <div className="mt-3 flex flex-wrap gap-2">
            {choices.map((choice) => (
                <button
                    key={choice}
                    type="button"
                    className="key flex-1 whitespace-nowrap"
                    data-seen={choice}
                    disabled={disabled}
                    onClick={() => pick(choice)}
                >
                    {choice}
                </button>
            ))}
        </div>
    );
}
