import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { api } from './client';
import { IndexedLetters } from './letters';
import { EMPTY, Outbox, type OutboxState } from './outbox';
import type { EventInput, EventType, Photo, Taken, Trace } from './shapes';

/** Sends an event; false when the server will never take it. One that waits counts as sent: it is kept. */
export type Send = (type: EventType, data: Record<string, unknown>) => Promise<boolean>;

/** One database for all calls. It is opened as the application starts, so that nothing has to wait for it being made. */
export const letters = new IndexedLetters();

/** What was just taken and what it means, while what comes next is being worked out. */
export interface Settling {
    event: EventInput;
    meaning: NonNullable<Taken['meaning']>;
}

/** A picture goes ahead of what is said of it; until both are there it waits with it. */
async function withPictureSent(event: EventInput): Promise<EventInput> {
    const { picture, ...data } = event.data;
    return picture instanceof Blob
        ? { ...event, data: { ...data, photo: (await api<Photo>('POST', 'photos', picture)).photo } }
        : event;
}

/** The outbox of a call for a screen; the work is the class's. */
export function useOutbox(call: string) {
    const client = useQueryClient();
    const [state, setState] = useState<OutboxState>(EMPTY);
    const [settling, setSettling] = useState<Settling | null>(null);
    const box = useMemo(() => {
        const deliver = async (event: EventInput) => {
            const { meaning } = await api<Taken>('POST', `calls/${call}/events/meaning`, await withPictureSent(event));
            setSettling(meaning === null ? null : { event, meaning });
            try {
                client.setQueryData(['trace', call], await api<Trace>('GET', `calls/${call}`));
            } finally {
                setSettling(null);
            }
            void client.invalidateQueries({ queryKey: ['calls'] });
        };
        return new Outbox(call, letters, deliver, setState);
    }, [call, client]);
    useEffect(() => {
        void box.start();
        const again = () => void box.flush();
        window.addEventListener('online', again);
        return () => window.removeEventListener('online', again);
    }, [box]);
    const send: Send = async (type, data) => (await box.send(type, data)) !== 'refused';
    return {
        ...state,
        settling,
        send,
        flush: () => box.flush(),
        discard: (id: string) => void box.discard(id),
        forget: () => box.forget(),
    };
}
