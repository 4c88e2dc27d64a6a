import type { Trace } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';

interface Props {
    trace: Trace;
    disabled: boolean;
    send: Send;
}

const RESULTS = ['ok', 'bad', 'cannot tell'] as const;

/** Victim or culprit, and what is still unproved behind the dead part: before the power goes back, before the drive for the part. */
export function Aftermath({ trace, disabled, send }: Props) {
    const keep = (target: string, result: string) => void send('looked-for', { target, result });
    return (
        <>
            <Checks title="Why? Before the power goes back" checks={trace.why} disabled={disabled} keep={keep} />
            <Checks title="Before you drive for the part" checks={trace.behind} disabled={disabled} keep={keep} />
        </>
    );
}

function Checks({
    title,
    checks,
    disabled,
    keep,
}: {
    title: string;
    checks: Trace['why'];
    disabled: boolean;
    keep: (target: string, result: string) => void;
}) {
    if (checks.length === 0) {
        return null;
    }
    return (
        <section aria-label={title} className="border-ink border-b-2 px-5 pt-4 pb-3">
            <h2 className="heading">{title}</h2>
            <ul>
                {checks.map((c) => (
                    <li key={c.target} className="border-rule border-b py-2 last:border-b-0" data-check={c.target}>
                        <p className="font-bold leading-tight">
                            {c.labels[0]}
                            {c.labels.length > 1 && <span className="font-normal"> and {c.labels.length - 1} more of it</span>}
                        </p>
                        {c.how === '' ? (
                            <p className="leading-snug">By eye and by hand, the power off: no meter tells it where it sits.</p>
                        ) : (
                            <p className="leading-snug">
                                {c.how}: good is <strong className="font-mono tabular-nums">{c.healthy}</strong>. Power off,
                                proved dead.
                            </p>
                        )}
                        <div className="mt-1 flex gap-2">
                            {RESULTS.map((result) => (
                                <button
                                    key={result}
                                    type="button"
                                    className="key flex-1 px-2"
                                    aria-pressed={c.looked === result}
                                    data-strong={c.looked === result}
                                    disabled={disabled}
                                    onClick={() => keep(c.target, result)}
                                >
                                    {result}
                                </button>
                            ))}
                        </div>
                    </li>
                ))}
            </ul>
        </section>
    );
}
