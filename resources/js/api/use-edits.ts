import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { api } from './client';
import type { Draft } from './shapes';

/** A word of an edit: in quotes where it has blanks, or is none. */
export const word = (text: string): string => (/^[^\s"]+$/.test(text) ? text : `"${text.replaceAll('"', '″')}"`);

export interface Edits {
    /** one after the other; whether it was done */
    edit: (line: string) => Promise<boolean>;
    undo: () => void;
    redo: () => void;
    /** why the last one was not done */
    problem: string | null;
    busy: boolean;
}

/** Changes of a draft, each kept where it can no longer be lost before the next one is sent. */
export function useEdits(id: string): Edits {
    const client = useQueryClient();
    const [problem, setProblem] = useState<string | null>(null);
    const [waiting, setWaiting] = useState(0);
    const last = useRef<Promise<boolean>>(Promise.resolve(true));
    const key = ['draft', id];
    const run = (send: (at: number) => Promise<Draft>) => {
        setWaiting((n) => n + 1);
        const done = last.current.then(async () => {
            try {
                client.setQueryData(key, await send(client.getQueryData<Draft>(key)?.at ?? 0));
                setProblem(null);
                return true;
            } catch (error) {
                setProblem(error instanceof Error ? error.message : String(error));
                // it may stand elsewhere by now
                void client.invalidateQueries({ queryKey: key });
                return false;
            } finally {
                setWaiting((n) => n - 1);
            }
        });
        last.current = done;
        return done;
    };
    const step = (by: 1 | -1) => void run((at) => api<Draft>('POST', `drafts/${id}/step`, { by, at }));
    return {
        edit: (line) => run((at) => api<Draft>('POST', `drafts/${id}/edits`, { line, at })),
        undo: () => step(-1),
        redo: () => step(1),
        problem,
        busy: waiting > 0,
    };
}
