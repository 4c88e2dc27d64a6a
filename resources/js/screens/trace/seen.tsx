import { useState } from 'react';
import { Watched } from './watched';

/** When it was seen, where that is not simply now. */
export type SeenMoment = 'at once' | 'as it starts' | 'comes and goes';

const MOMENTS: [SeenMoment | undefined, string][] = [
    [undefined, 'as it stands'],
    ['at once', 'at once'],
    ['as it starts', 'as it starts'],
    ['comes and goes', 'comes and goes'],
];

interface Props {
    part: string;
    label: string;
    choices: string[];
    disabled: boolean;
    pick: (seen: string, moment?: SeenMoment) => void;
    cancel: () => void;
}

/** What eyes and ears report of one part. */
export function Seen({ part, label, choices, disabled, pick, cancel }: Props) {
    const [moment, setMoment] = useState<SeenMoment | undefined>(undefined);
    const awhile = moment === 'as it starts' || moment === 'comes and goes';
    return (
        <section aria-label="What is seen" className="border-ink border-b-2 px-5 pt-4 pb-4">
            <h2 className="heading">What is seen · {part}</h2>
            <p className="mt-1 mb-3 font-bold text-2xl">{label}</p>
            <fieldset className="mb-3 flex flex-wrap gap-2" aria-label="When">
                {MOMENTS.map(([value, words]) => (
                    <button
                        key={words}
                        type="button"
                        className="key flex-1 px-2"
                        aria-pressed={moment === value}
                        data-strong={moment === value}
                        onClick={() => setMoment(value)}
                    >
                        {words}
                    </button>
                ))}
            </fieldset>
            {awhile ? (
                <Watched choices={choices} disabled={disabled} keep={(seen) => pick(seen, moment)} />
            ) : (
                <div className="flex flex-wrap gap-2">
                    {choices.map((choice) => (
                        <button
                            key={choice}
                            type="button"
                            className="key flex-1"
                            data-seen={choice}
                            disabled={disabled}
                            onClick={() => pick(choice, moment)}
                        >
                            {choice}
                        </button>
                    ))}
                </div>
            )}
            <button type="button" className="mt-2 min-h-[44px] underline underline-offset-4" onClick={cancel}>
                Back to the next test
            </button>
        </section>
    );
}
