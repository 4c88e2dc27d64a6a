import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { Letter, LetterStore } from './outbox';

interface Kept extends Letter {
    id: string;
}

interface Schema extends DBSchema {
    letters: { key: number; value: Kept; indexes: { call: string; id: string } };
}

/** Letters in the browser's own database: they outlive the page, the browser and the battery. */
export class IndexedLetters implements LetterStore {
    private readonly db: Promise<IDBPDatabase<Schema>>;

    constructor(name = 'levin') {
        this.db = openDB<Schema>(name, 1, {
            upgrade(db) {
                // the key only grows, so reading by it is reading in order
                const letters = db.createObjectStore('letters', { autoIncrement: true });
                letters.createIndex('call', 'call');
                letters.createIndex('id', 'id', { unique: true });
            },
        });
    }

    async put(letter: Letter): Promise<void> {
        await (await this.db).add('letters', { ...letter, id: letter.event.id });
    }

    async of(call: string): Promise<Letter[]> {
        return (await this.db).getAllFromIndex('letters', 'call', call);
    }

    async refuse(id: string, why: string): Promise<void> {
        const write = (await this.db).transaction('letters', 'readwrite');
        const cursor = await write.store.index('id').openCursor(id);
        await cursor?.update({ ...cursor.value, refused: why });
        await write.done;
    }

    async remove(id: string): Promise<void> {
        const write = (await this.db).transaction('letters', 'readwrite');
        const cursor = await write.store.index('id').openCursor(id);
        await cursor?.delete();
        await write.done;
    }
}
