import { useLayoutEffect, useMemo, useRef } from 'react';

type Handlers<K extends string> = Record<K, (id: string) => void>;

/** The same handlers for as long as the screen stands, each doing what the last ones given do: what takes them need not be drawn anew. */
export function useLatest<K extends string>(given: Handlers<K>): Handlers<K> {
    const latest = useRef(given);
    useLayoutEffect(() => {
        latest.current = given;
    });
    // the names never change
    // biome-ignore lint/correctness/useExhaustiveDependencies: made once
    return useMemo(
        () =>
            Object.fromEntries(
                Object.keys(given).map((name) => [name, (id: string) => latest.current[name as K](id)]),
            ) as Handlers<K>,
        [],
    );
}
