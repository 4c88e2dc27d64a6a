interface Props {
    choices: string[];
    disabled: boolean;
    pick: (choice: string) => void;
}

/** One of several things that are seen or felt; by its digit, too. */
export function Choices({ choices, disabled, pick }: Props) {
    return (
        <div className="mt-3 flex flex-wrap gap-2" data-answers>
            {choices.map((choice, n) => (
                <button
                    key={choice}
                    type="button"
                    className="key flex-1 whitespace-nowrap"
                    data-seen={choice}
                    data-digit={n + 1}
                    disabled={disabled}
                    onClick={() => pick(choice)}
                >
                    <kbd className="font-normal text-quiet max-lg:hidden">{n + 1}</kbd>
                    {choice}
                </button>
            ))}
        </div>
    );
}
