import type { EventType, LogEvent, Trace } from '../../api/shapes';

/** Events of some sorts that count, in order. */
export const counting = (trace: Trace, ...types: EventType[]): LogEvent[] =>
    trace.events.filter((e) => types.includes(e.type) && e.struck === null);

/** How long ago, as it is said. */
export function ago(since: string | null, now = Date.now()): string {
    const minutes = since === null ? Number.NaN : Math.floor((now - Date.parse(since)) / 60000);
    if (Number.isNaN(minutes)) {
        return 'since nobody knows when';
    }
    return minutes < 1 ? 'just now' : minutes < 120 ? `for ${minutes} min` : `for ${Math.floor(minutes / 60)} h`;
}

/** Seconds as a stop watch shows them. */
export const clock = (seconds: number): string =>
    `${String(Math.floor(seconds / 60)).padStart(2, '0')}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;
