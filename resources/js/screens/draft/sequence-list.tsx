import type { SequenceStep } from '../../api/shapes';

const time = (seconds: number) =>
    seconds < 60 ? `${Math.round(seconds)} s` : `${Math.floor(seconds / 60)} min ${Math.round(seconds % 60)} s`;

/** What a healthy unit does after the call comes on. */
export function SequenceList({ steps }: { steps: SequenceStep[] }) {
    return steps.length === 0 ? null : (
        <section aria-label="What it does" className="border-rule border-t p-4">
            <h2 className="heading pb-1">What it does, from the call on</h2>
            <ol>
                {steps.map((step) => (
                    <li
                        key={`${step.at} ${step.part} ${step.does}`}
                        className="grid min-h-[32px] grid-cols-[6.5rem_1fr] items-center border-rule border-b"
                    >
                        <span className="font-mono tabular-nums">{time(step.at)}</span>
                        <span>
                            {step.label}: <strong>{step.does}</strong>
                        </span>
                    </li>
                ))}
            </ol>
        </section>
    );
}
