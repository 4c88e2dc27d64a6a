import { useEffect, useState } from 'react';

/** The time in milliseconds, told anew every second while it matters. */
export function useNow(matters = true): number {
    const [now, setNow] = useState(Date.now);
    useEffect(() => {
        if (!matters) {
            return undefined;
        }
        setNow(Date.now());
        const tick = setInterval(() => setNow(Date.now()), 1000);
        return () => clearInterval(tick);
    }, [matters]);
    return now;
}
