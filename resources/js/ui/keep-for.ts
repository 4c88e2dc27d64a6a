/** Which unit, and which call there, the bench is for: remembered until the browser is closed. */
export interface KeepFor {
    unit: number;
    name: string;
    /** null outside of any call */
    call: { id: number; number: number } | null;
}

const KEY = 'levin.bench.for';

export function keptFor(): KeepFor | null {
    const text = sessionStorage.getItem(KEY);
    return text === null ? null : (JSON.parse(text) as KeepFor);
}

export function keepFor(what: KeepFor | null): void {
    if (what === null) {
        sessionStorage.removeItem(KEY);
    } else {
        sessionStorage.setItem(KEY, JSON.stringify(what));
    }
}
