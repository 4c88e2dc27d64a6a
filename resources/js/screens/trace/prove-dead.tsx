import { useState } from 'react';
import type { Trace } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';
import { Sheet } from '../../ui/sheet';

const STEPS: [string, string][] = [
    ['known_before', 'Tester on a known live source: it reads.'],
    ['circuit_dead', 'Tester on the circuit, line to line and line to ground: nothing.'],
    ['known_after', 'Tester on the known source again: it still reads.'],
];

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    trace: Trace;
    disabled: boolean;
    problem: string | null;
    send: Send;
}

/** The proof, step by step: every feed off, then source, circuit, source. */
export function ProveDead({ open, onOpenChange, trace, disabled, problem, send }: Props) {
    const [done, setDone] = useState<Record<string, boolean>>({});
    const feeds = trace.standing.conditions.filter((c) => c.power && c.value);
    const complete = STEPS.every(([key]) => done[key] === true);
    return (
        <Sheet open={open} onOpenChange={onOpenChange} title="Prove it dead">
            <div className="grid gap-3">
                {trace.standing.proved_dead && (
                    <p className="font-bold">It is proved dead now. Any feed switched on undoes the proof.</p>
                )}
                <p>Lock out and tag every feed. Discharge the capacitors before you touch them.</p>
                {feeds.length > 0 && <p className="font-bold">Still on:</p>}
                {feeds.map((c) => (
                    <button
                        key={c.name}
                        type="button"
                        className="key"
                        disabled={disabled}
                        data-off={c.name}
                        onClick={() => void send('condition', { name: c.name, value: false })}
                    >
                        {c.label}: switch off and lock out
                    </button>
                ))}
                {STEPS.map(([key, text]) => (
                    <label key={key} className="flex min-h-[48px] items-center gap-3 border-rule border-b">
                        <input
                            type="checkbox"
                            name={key}
                            className="size-7 shrink-0 accent-ink"
                            disabled={feeds.length > 0}
                            checked={done[key] === true}
                            onChange={(e) => setDone({ ...done, [key]: e.target.checked })}
                        />
                        <span>{text}</span>
                    </label>
                ))}
                {problem !== null && (
                    <p role="alert" className="border-ink border-l-8 pl-3 font-bold">
                        {problem}
                    </p>
                )}
                <button
                    type="button"
                    className="key"
                    data-strong="true"
                    disabled={disabled || !complete || feeds.length > 0}
                    onClick={() =>
                        void send('proved-dead', done).then((sent) => {
                            if (sent) {
                                setDone({});
                                onOpenChange(false);
                            }
                        })
                    }
                >
                    Proved dead
                </button>
                <p className="text-quiet text-sm">Local codes and the shop's lock-out procedure come first.</p>
            </div>
        </Sheet>
    );
}
