import { useEffect } from 'react';
import { api } from './client';
import type { SupposedInput } from './shapes';

/** Whoever types has come to an end, or thinks, when no key was pressed for so long. Milliseconds. */
const STILL = 60;

/** Says what is being typed, so that what it means is known by the time it is kept. Nothing is kept of it, and nothing waits for it. */
export function useSupposed(call: string, event: SupposedInput | null) {
    const said = event === null ? null : JSON.stringify(event);
    useEffect(() => {
        if (said === null || !navigator.onLine) {
            return;
        }
        const soon = setTimeout(() => {
            api('POST', `calls/${call}/events/supposed`, JSON.parse(said)).catch(() => {
                // it takes longer then
            });
        }, STILL);
        return () => clearTimeout(soon);
    }, [call, said]);
}
