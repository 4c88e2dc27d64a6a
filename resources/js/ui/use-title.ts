import { useEffect } from 'react';

/** What the tab and the list of pages gone through call this one. */
export function useTitle(title: string) {
    useEffect(() => {
        document.title = `${title} · Levin`;
    }, [title]);
}
