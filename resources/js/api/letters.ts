import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { Letter, LetterStore } from './outbox';

interface Kept extends Letter {
    id: string;
}

interface Schema extends DBSchema {
    letters: { key: number; value: Kept; indexes: { call: string; id: string } };
}

/** How long the database may take to open: one that was being made while its page was left may never answer. Milliseconds. */
const OPENS_WITHIN = 4000;

/** Letters in the browser's own database: they outlive the page, the browser and the battery. */
export class IndexedLetters implements LetterStore {
    private opened: Promise<IDBPDatabase<Schema>> | null = null;

    constructor(private readonly name = 'levin') {}

    /** Opens the database, anew where it failed; rejects where it does not answer. */
    open(): Promise<IDBPDatabase<Schema>> {
        this.opened ??= within(
            OPENS_WITHIN,
            openDB<Schema>(this.name, 1, {
                upgrade(db) {
                    // the key only grows, so reading by it is reading in order
                    const letters = db.createObjectStore('letters', { autoIncrement: true });
                    letters.createIndex('call', 'call');
                    letters.createIndex('id', 'id', { unique: true });
                },
            }),
        ).catch((e) => {
            this.opened = null;
            throw e;
        });
        return this.opened;
    }

    async put(letter: Letter): Promise<void> {
        await (await this.open()).add('letters', { ...letter, id: letter.event.id });
    }

    async of(call: string): Promise<Letter[]> {
        return (await this.open()).getAllFromIndex('letters', 'call', call);
    }

    async refuse(id: string, why: string): Promise<void> {
        const write = (await this.open()).transaction('letters', 'readwrite');
        const cursor = await write.store.index('id').openCursor(id);
        await cursor?.update({ ...cursor.value, refused: why });
        await write.done;
    }

    async remove(id: string): Promise<void> {
        const write = (await this.open()).transaction('letters', 'readwrite');
        const cursor = await write.store.index('id').openCursor(id);
        await cursor?.delete();
        await write.done;
    }
}

function within<T>(milliseconds: number, promise: Promise<T>): Promise<T> {
    return new Promise((resolve, reject) => {
        const timer = setTimeout(() => reject(new Error('The browser does not open its database.')), milliseconds);
        promise.then(resolve, reject).finally(() => clearTimeout(timer));
    });
}
