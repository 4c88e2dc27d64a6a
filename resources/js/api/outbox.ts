import { ApiError } from './client';
import type { EventInput, EventType } from './shapes';
import { uuid } from './uuid';

/** An event on its way: kept from before it leaves until the server has it, or someone has read why it was refused. */
export interface Letter {
    call: string;
    event: EventInput;
    /** why the server will never take it; null while it waits */
    refused: string | null;
}

/** Where letters are kept, in the order in which they were put there. */
export interface LetterStore {
    put(letter: Letter): Promise<void>;
    of(call: string): Promise<Letter[]>;
    refuse(id: string, why: string): Promise<void>;
    remove(id: string): Promise<void>;
}

export interface OutboxState {
    waiting: EventInput[];
    refused: Letter[];
    /** what keeps the first of those that wait from leaving */
    error: ApiError | null;
    /** why the last thing sent was not taken: whoever sent it still has it before them */
    refusal: string | null;
    busy: boolean;
}

export const EMPTY: OutboxState = { waiting: [], refused: [], error: null, refusal: null, busy: false };

export type Outcome = 'stored' | 'waiting' | 'refused';

/** Two taps closer together than this, on the same thing, are one. Milliseconds. */
const DOUBLE_TAP = 700;

const KEEPS_NOTHING =
    'This browser keeps nothing (a private window, a full disk): what you log cannot wait here. Send it again from the field.';

function asApiError(e: unknown): ApiError {
    return e instanceof ApiError ? e : new ApiError(0, String(e));
}

/**
 * Sends the events of one call, first in, first out. Each has its id before it leaves, so that a lost answer stores it once; one
 * that cannot leave holds back those behind it, and none is forgotten.
 */
export class Outbox {
    private state = EMPTY;

    private running: Promise<void> | null = null;

    private last: { mark: string; at: number; outcome: Promise<Outcome> } | null = null;

    constructor(
        private readonly call: string,
        private readonly store: LetterStore,
        private readonly deliver: (event: EventInput) => Promise<void>,
        private readonly tell: (state: OutboxState) => void,
        private readonly now: () => Date = () => new Date(),
    ) {}

    /** Goes on with what was still waiting when the page was last left. */
    async start(): Promise<void> {
        try {
            await this.read();
        } catch {
            this.change({ refusal: KEEPS_NOTHING });
            return;
        }
        await this.flush();
    }

    /** Takes an event in. It is kept before this returns anything. */
    send(type: EventType, data: Record<string, unknown>): Promise<Outcome> {
        const mark = JSON.stringify([type, data]);
        const at = this.now().getTime();
        if (this.last !== null && this.last.mark === mark && at - this.last.at < DOUBLE_TAP) {
            return this.last.outcome;
        }
        const outcome = this.post({ id: uuid(), type, noted_at: this.now().toISOString(), data });
        this.last = { mark, at, outcome };
        return outcome;
    }

    /** Sends what waits, in order, until it is all there or something stops it. */
    flush(): Promise<void> {
        this.running ??= this.drain().finally(() => {
            this.running = null;
        });
        return this.running;
    }

    /** Someone has read why an event was refused. */
    async discard(id: string): Promise<void> {
        await this.store.remove(id);
        await this.read();
    }

    /** The last refusal has been read. */
    forget(): void {
        this.change({ refusal: null });
    }

    private async post(event: EventInput): Promise<Outcome> {
        this.forget();
        try {
            await this.store.put({ call: this.call, event, refused: null });
        } catch {
            return this.handOver(event);
        }
        await this.read();
        await this.flush();
        // it came while another was being sent, after the last look at what waits
        if (this.state.error === null && this.state.waiting.some((e) => e.id === event.id)) {
            await this.flush();
        }
        const mine = this.state.refused.find((l) => l.event.id === event.id);
        if (mine !== undefined) {
            await this.discard(event.id);
            this.change({ refusal: mine.refused });
            return 'refused';
        }
        return this.state.waiting.some((e) => e.id === event.id) ? 'waiting' : 'stored';
    }

    /** What cannot be kept goes straight to the server, unless it would overtake, or stays with whoever sent it. */
    private async handOver(event: EventInput): Promise<Outcome> {
        try {
            if (this.state.waiting.length > 0) {
                throw new ApiError(0, 'What was logged before is still waiting.');
            }
            await this.deliver(event);
            return 'stored';
        } catch (e) {
            const final = e instanceof ApiError && e.isFinal;
            this.change({ refusal: final ? e.message : `${asApiError(e).message} ${KEEPS_NOTHING}` });
            return 'refused';
        }
    }

    private async drain(): Promise<void> {
        this.change({ error: null, busy: true });
        try {
            for (let next = this.state.waiting[0]; next !== undefined; next = this.state.waiting[0]) {
                await this.hand(next);
                await this.read();
            }
        } catch (e) {
            this.change({ error: asApiError(e) });
        } finally {
            this.change({ busy: false });
        }
    }

    private async hand(event: EventInput): Promise<void> {
        try {
            await this.deliver(event);
        } catch (e) {
            if (!(e instanceof ApiError) || !e.isFinal) {
                throw e;
            }
            await this.store.refuse(event.id, e.message);
            return;
        }
        await this.store.remove(event.id);
    }

    private async read(): Promise<void> {
        const letters = await this.store.of(this.call);
        this.change({
            waiting: letters.filter((l) => l.refused === null).map((l) => l.event),
            refused: letters.filter((l) => l.refused !== null),
        });
    }

    private change(part: Partial<OutboxState>): void {
        this.state = { ...this.state, ...part };
        this.tell(this.state);
    }
}
