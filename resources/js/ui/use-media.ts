import { useCallback, useSyncExternalStore } from 'react';

/** Whether a media query holds; something else where nobody can ask. */
function useMedia(query: string, otherwise: boolean): boolean {
    const watch = useCallback(
        (changed: () => void) => {
            const media = window.matchMedia?.(query);
            media?.addEventListener('change', changed);
            return () => media?.removeEventListener('change', changed);
        },
        [query],
    );
    return useSyncExternalStore(watch, () => window.matchMedia?.(query).matches ?? otherwise);
}

/** Whether fingers do the typing. */
export const useTouch = () => useMedia('(pointer: coarse), (max-width: 1023px)', false);

/** Whether there is room for the drawing beside the test. */
export const useWide = () => useMedia('(min-width: 1024px)', true);
