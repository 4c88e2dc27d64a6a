import type { Advice } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';

interface Props {
    steps: Advice['steps'];
    /** whether the test itself is told otherwise, beside them */
    told: boolean;
    disabled: boolean;
    prove: () => void;
    send: Send;
}

/** Whether all that has to be done first is done. */
export const isReady = (advice: Advice) => advice.steps.every((s) => s.event === null);

/** Orders, numbered. What changes how the unit stands is a key, one at a time, pressed when it is done. */
export function Steps({ steps: all, told, disabled, prove, send }: Props) {
    const steps = all.filter((s) => !(told && s.act));
    const next = steps.findIndex((s) => s.event !== null);
    if (steps.length === 0) {
        return null;
    }
    return (
        <ol className="mt-1 grid gap-1" aria-label="Steps" data-steps>
            {steps.map((step, n) => (
                <li key={step.order} className="grid grid-cols-[1.6rem_1fr] items-center">
                    <span className="font-bold font-mono text-quiet">{n + 1}</span>
                    {step.event === null ? (
                        <span className="leading-snug">{step.order}</span>
                    ) : (
                        <button
                            type="button"
                            className="key justify-start text-left leading-tight"
                            data-step={n === next ? 'next' : 'later'}
                            data-strong={n === next}
                            disabled={disabled || n !== next}
                            onClick={() =>
                                step.event === 'proved-dead' ? prove() : step.event !== null && void send(step.event, step.data)
                            }
                        >
                            {step.order}
                        </button>
                    )}
                </li>
            ))}
        </ol>
    );
}
