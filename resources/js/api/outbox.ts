import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { ApiError, api } from './client';
import type { EventType, Trace } from './types';
import { uuid } from './uuid';

export interface Pending {
    id: string;
    type: EventType;
    noted_at: string;
    data: Record<string, unknown>;
}

const keyFor = (call: string) => `levin.outbox.${call}`;

export function readOutbox(call: string): Pending | null {
    const kept = localStorage.getItem(keyFor(call));
    return kept === null ? null : (JSON.parse(kept) as Pending);
}

/**
 * Sends the events of a call one at a time. Each has its id before it leaves and is kept until the server has it, so that a
 * double tap, a lost answer or an ended session stores it once and loses nothing.
 */
export function useOutbox(call: string) {
    const client = useQueryClient();
    const [pending, setPending] = useState<Pending | null>(() => readOutbox(call));
    const [error, setError] = useState<ApiError | null>(null);
    const [busy, setBusy] = useState(false);
    const inFlight = useRef(false);

    const transmit = useCallback(
        async (event: Pending): Promise<boolean> => {
            if (inFlight.current) {
                return false;
            }
            inFlight.current = true;
            setBusy(true);
            setError(null);
            localStorage.setItem(keyFor(call), JSON.stringify(event));
            setPending(event);
            try {
                const trace = await api<Trace>('POST', `calls/${call}/events`, event);
                client.setQueryData(['trace', call], trace);
                void client.invalidateQueries({ queryKey: ['calls'] });
                localStorage.removeItem(keyFor(call));
                setPending(null);
                return true;
            } catch (e) {
                const failure = e instanceof ApiError ? e : new ApiError(0, String(e));
                setError(failure);
                if (failure.status >= 400 && failure.status < 500 && !failure.isExpired && failure.status !== 429) {
                    // the server will never take this one: what was typed stays in its field
                    localStorage.removeItem(keyFor(call));
                    setPending(null);
                }
                return false;
            } finally {
                inFlight.current = false;
                setBusy(false);
            }
        },
        [call, client],
    );

    const send = useCallback(
        (type: EventType, data: Record<string, unknown>) =>
            transmit({ id: uuid(), type, noted_at: new Date().toISOString(), data }),
        [transmit],
    );

    const retry = useCallback(() => (pending === null ? Promise.resolve(false) : transmit(pending)), [pending, transmit]);

    // something was still on its way when the page was last left
    const first = useRef(true);
    useEffect(() => {
        if (first.current && pending !== null) {
            void transmit(pending);
        }
        first.current = false;
    }, [pending, transmit]);

    return { send, retry, pending, error, busy, forget: () => setError(null) };
}
