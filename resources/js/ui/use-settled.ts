import { useEffect, useState } from 'react';

/** What is typed, once it has stood still for a moment; milliseconds. */
export function useSettled(text: string, pause = 200): string {
    const [settled, setSettled] = useState(text);
    useEffect(() => {
        const timer = setTimeout(() => setSettled(text), pause);
        return () => clearTimeout(timer);
    }, [text, pause]);
    return settled;
}
