import { useState } from 'react';
import { ProveDead } from '../trace/prove-dead';
import type { FormProps } from './part-field';

/** What is done on a dead circuit only, and the way to prove it dead; nothing once it is. */
export function DeadFirst({ words, ...form }: FormProps & { words: string }) {
    const [proving, setProving] = useState(false);
    const { trace, disabled, problem, send } = form;
    return (
        <>
            {!trace.standing.proved_dead && (
                <div className="flex items-center justify-between gap-3 border-ink border-l-8 py-1 pl-3">
                    <p>{words}</p>
                    <button type="button" className="key shrink-0" onClick={() => setProving(true)}>
                        Prove it dead
                    </button>
                </div>
            )}
            <ProveDead open={proving} onOpenChange={setProving} trace={trace} disabled={disabled} problem={problem} send={send} />
        </>
    );
}
