import { useEffect, useState } from 'react';

/**
 * What was typed for a check, and in which unit. It stands in the address, to be sent to somebody, and is kept until the browser is
 * closed.
 */
export interface Draft {
    given: Record<string, string>;
    units: Record<string, string>;
}

const EMPTY: Draft = { given: {}, units: {} };
const UNIT = 'unit.';
const keyOf = (check: string) => `levin.bench.${check}`;

function fromAddress(): Draft | null {
    const pairs = [...new URLSearchParams(window.location.search)];
    const units = pairs.filter(([name]) => name.startsWith(UNIT));
    const given = pairs.filter(([name]) => !name.startsWith(UNIT));
    return pairs.length === 0
        ? null
        : {
              given: Object.fromEntries(given),
              units: Object.fromEntries(units.map(([name, unit]) => [name.slice(UNIT.length), unit])),
          };
}

function kept(check: string): Draft {
    const text = sessionStorage.getItem(keyOf(check));
    return fromAddress() ?? (text === null ? EMPTY : (JSON.parse(text) as Draft));
}

function address({ given, units }: Draft): string {
    const query = new URLSearchParams(Object.entries(given).filter(([, text]) => text !== ''));
    for (const [name, unit] of Object.entries(units)) {
        query.set(`${UNIT}${name}`, unit);
    }
    return query.size === 0 ? window.location.pathname : `${window.location.pathname}?${query}`;
}

/** The address follows when the typing rests, milliseconds: changing it takes longer than anything else that a key does. */
const RESTS = 250;

export type Change = (change: (draft: Draft) => Draft) => void;

/** The draft of one check, as long as it is the one that is open. */
export function useDraft(check: string): [Draft, Change] {
    const [draft, setDraft] = useState(() => kept(check));
    useEffect(() => {
        sessionStorage.setItem(keyOf(check), JSON.stringify(draft));
        const soon = setTimeout(() => window.history.replaceState(window.history.state, '', address(draft)), RESTS);
        return () => clearTimeout(soon);
    }, [check, draft]);
    return [draft, setDraft];
}
