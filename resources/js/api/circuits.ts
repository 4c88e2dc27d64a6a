import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from './client';
import type {
    BeginInput,
    Call,
    Circuit,
    Circuits,
    Difference,
    Draft,
    DraftSequence,
    Drafts,
    Making,
    Quick,
    QuickInput,
    Revision,
    Unit,
    UnitInput,
} from './shapes';

/** What is known of a unit whose circuit is looked for. */
export interface Known {
    search: string;
    family: string;
    supply: string;
    has: string[];
    without: string[];
}

/** The circuits that fit; those found last stay until the next are there. */
export function useCircuits(known: Known) {
    const query = new URLSearchParams({ search: known.search, family: known.family, supply: known.supply });
    for (const kind of known.has) {
        query.append('has[]', kind);
    }
    for (const kind of known.without) {
        query.append('without[]', kind);
    }
    return useQuery({
        queryKey: ['circuits', query.toString()],
        placeholderData: keepPreviousData,
        queryFn: ({ signal }) => api<Circuits>('GET', `circuits?${query}`, undefined, signal),
    });
}

export const useCircuit = (id: string) =>
    useQuery({ queryKey: ['circuit', id], queryFn: () => api<Circuit>('GET', `circuits/${encodeURIComponent(id)}`) });

/** What circuits are made of; it stays as it is until Levin does not. */
export const useMaking = () =>
    useQuery({
        queryKey: ['making'],
        staleTime: Number.POSITIVE_INFINITY,
        queryFn: () => api<Making>('GET', 'circuits/making'),
    });

/** What a revision has otherwise than the one before it; null: not asked for. */
export const useDifference = (revision: number | null) =>
    useQuery({
        queryKey: ['difference', revision],
        enabled: revision !== null,
        staleTime: Number.POSITIVE_INFINITY,
        queryFn: () => api<Difference>('GET', `revisions/${revision}/difference`),
    });

/** Whatever changes a circuit or its revisions: what was asked of circuits before is asked anew. */
function useOnCircuits<In, Out>(send: (what: In) => Promise<Out>) {
    const client = useQueryClient();
    return useMutation({
        mutationFn: send,
        onSuccess: () => {
            for (const key of ['circuits', 'circuit', 'drafts', 'unit']) {
                void client.invalidateQueries({ queryKey: [key] });
            }
        },
    });
}

export const useBringBack = () => useOnCircuits((revision: number) => api<Revision>('POST', `revisions/${revision}/again`));

export const useMarkShops = () => useOnCircuits((revision: number) => api<Revision>('PUT', `revisions/${revision}/shops`));

export const useTakeIn = () =>
    useOnCircuits((file: Blob) => api<Revision>('POST', 'circuits/import', new Blob([file], { type: 'application/yaml' })));

export const useBegin = () => useOnCircuits((what: BeginInput) => api<Draft>('POST', 'drafts', what));

export const useSetUnit = (unit: number) => useOnCircuits((what: UnitInput) => api<Unit>('PUT', `units/${unit}`, what));

export const useDropDraft = () => useOnCircuits((draft: number) => api<unknown>('DELETE', `drafts/${draft}`));

export const useDrafts = () => useQuery({ queryKey: ['drafts'], queryFn: () => api<Drafts>('GET', 'drafts') });

export const useDraft = (id: string) => useQuery({ queryKey: ['draft', id], queryFn: () => api<Draft>('GET', `drafts/${id}`) });

/** What a circuit in the making does, as of a step of it. */
export const useDraftSequence = (id: string, at: number, wanted: boolean) =>
    useQuery({
        queryKey: ['draft-sequence', id, at],
        enabled: wanted,
        staleTime: Number.POSITIVE_INFINITY,
        queryFn: () => api<DraftSequence>('GET', `drafts/${id}/sequence`),
    });

export function useSaveDraft(id: string) {
    return useOnCircuits((note: string) => api<Revision>('POST', `drafts/${id}/revision`, { note }));
}

/** The call goes on with another revision. */
export const useRedraw = () => {
    const client = useQueryClient();
    return useMutation({
        mutationFn: ({ call, revision }: { call: string; revision: number }) =>
            api<unknown>('PUT', `calls/${call}/revision`, { revision }),
        onSuccess: (_, { call }) => client.invalidateQueries({ queryKey: ['trace', call] }),
    });
};

/** What is understood of a rung as it is being said; what was understood last stays until more is. */
export function useUnderstood(words: string, volts: number, line: number) {
    const query = new URLSearchParams({ words, volts: String(volts), line: String(line) });
    return useQuery({
        queryKey: ['quick', query.toString()],
        enabled: words.trim() !== '',
        retry: false,
        placeholderData: keepPreviousData,
        queryFn: ({ signal }) => api<Quick>('GET', `quick?${query}`, undefined, signal),
    });
}

export const useQuick = () => useOnCircuits((what: QuickInput) => api<Call>('POST', 'quick', what));
