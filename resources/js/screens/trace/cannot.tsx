import type { Advice, Trace } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';

interface Props {
    advice: Advice;
    standing: Trace['standing'];
    disabled: boolean;
    send: Send;
}

/** What cannot be done now changes the plan. */
export function Cannot({ advice, standing, disabled, send }: Props) {
    const bar = (why: string, what: string, barred: boolean) => void send('barred', { why, what, barred });
    const stops = advice.dead || advice.kind === 'watch' || advice.kind === 'peak';
    const keys: [string, () => void][] = [
        ['Not now', () => bar('not now', advice.key, true)],
        ["Can't get there", () => bar('cannot reach', advice.at, true)],
        ...(stops && !standing.must_run
            ? [['It must go on running', () => bar('must run', '', true)] as [string, () => void]]
            : []),
    ];
    return (
        <p className="mt-2 flex flex-wrap gap-x-4">
            {keys.map(([label, act]) => (
                <button
                    key={label}
                    type="button"
                    className="min-h-[44px] text-left underline underline-offset-4"
                    disabled={disabled}
                    onClick={act}
                >
                    {label}
                </button>
            ))}
        </p>
    );
}
