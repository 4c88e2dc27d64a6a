import { useState } from 'react';

interface Props {
    choices: string[];
    disabled: boolean;
    /** all that was seen, in the order of the choices */
    keep: (seen: string) => void;
    legend?: string;
}

/** What a part was seen to do over a while: any number of things. */
export function Watched({ choices, disabled, keep, legend = 'All that it did' }: Props) {
    const [seen, setSeen] = useState<string[]>([]);
    return (
        <fieldset className="mt-3 grid gap-2" disabled={disabled} data-answers>
            <legend className="heading">{legend}</legend>
            <div className="flex flex-wrap gap-2">
                {choices.map((choice, n) => (
                    <button
                        key={choice}
                        type="button"
                        className="key flex-1 whitespace-nowrap"
                        aria-pressed={seen.includes(choice)}
                        data-strong={seen.includes(choice)}
                        data-seen={choice}
                        data-digit={n + 1}
                        onClick={() =>
                            setSeen((all) => (all.includes(choice) ? all.filter((c) => c !== choice) : [...all, choice]))
                        }
                    >
                        <kbd className="font-normal max-lg:hidden">{n + 1}</kbd>
                        {choice}
                    </button>
                ))}
            </div>
            <button
                type="button"
                className="key"
                data-strong="true"
                data-keep
                disabled={seen.length === 0}
                onClick={() => keep(choices.filter((c) => seen.includes(c)).join(', '))}
            >
                Keep it
            </button>
        </fieldset>
    );
}
