import { useState } from 'react';

/** What is begun and not yet sent, kept on this device through a closed page and an empty battery. */
export function useKept<T>(key: string, empty: T): [T, (now: T) => void] {
    const name = `levin.begun.${key}`;
    const [value, setValue] = useState<T>(() => {
        const text = localStorage.getItem(name);
        return text === null ? empty : (JSON.parse(text) as T);
    });
    const keep = (now: T) => {
        setValue(now);
        if (now === empty) {
            localStorage.removeItem(name);
        } else {
            localStorage.setItem(name, JSON.stringify(now));
        }
    };
    return [value, keep];
}
