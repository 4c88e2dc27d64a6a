interface Props {
    part: string;
    label: string;
    choices: string[];
    disabled: boolean;
    pick: (seen: string) => void;
    cancel: () => void;
}

/** What eyes and ears report of one part. */
export function Seen({ part, label, choices, disabled, pick, cancel }: Props) {
    return (
        <section aria-label="What is seen" className="border-ink border-b-2 px-5 pt-4 pb-4">
            <h2 className="heading">What is seen · {part}</h2>
            <p className="mt-1 mb-3 font-bold text-2xl">{label}</p>
            <div className="flex flex-wrap gap-2">
                {choices.map((choice) => (
                    <button
                        key={choice}
                        type="button"
                        className="key flex-1"
                        data-seen={choice}
                        disabled={disabled}
                        onClick={() => pick(choice)}
                    >
                        {choice}
                    </button>
                ))}
            </div>
            <button type="button" className="mt-2 min-h-[44px] underline underline-offset-4" onClick={cancel}>
                Back to the next test
            </button>
        </section>
    );
}
