import { keepPreviousData, useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ApiError, api } from './client';
import type {
    Alone,
    BenchAnswer,
    BenchChecks,
    Call,
    CallPage,
    CircuitSheet,
    Dossier,
    EventInput,
    Expected,
    FittedParts,
    FoundList,
    HabitInput,
    Habits,
    MeterFunction,
    Story,
    Swap,
    SwapList,
    Trace,
    Unit,
    UnitChecks,
    UnitPage,
    User,
} from './shapes';

export function useSession() {
    return useQuery({
        queryKey: ['session'],
        queryFn: async (): Promise<User | null> => {
            try {
                return await api<User>('GET', 'session');
            } catch (error) {
                if (error instanceof ApiError && error.isExpired) {
                    return null;
                }
                throw error;
            }
        },
        staleTime: Number.POSITIVE_INFINITY,
    });
}

export function useSignIn() {
    const client = useQueryClient();
    return useMutation({
        mutationFn: async (who: { email: string; password: string }) => {
            // an ended session took its token with it; any answer brings a new one
            await api<unknown>('GET', 'session').catch(() => undefined);
            return api<User>('POST', 'session', who);
        },
        onSuccess: (user) => client.setQueryData(['session'], user),
    });
}

export function useSignOut() {
    const client = useQueryClient();
    return useMutation({
        mutationFn: () => api<unknown>('DELETE', 'session'),
        onSuccess: () => {
            client.clear();
            client.setQueryData(['session'], null);
        },
    });
}

/** Units by dimension. */
export function usePreferUnits() {
    const client = useQueryClient();
    return useMutation({
        mutationFn: (units: Record<string, string>) => api<User>('PUT', 'session/units', { units }),
        onSuccess: (user) => client.setQueryData(['session'], user),
    });
}

/** A list that comes in pages: the items so far, and how to get more. */
function usePages<T>(key: string, path: string, filter: Record<string, string>) {
    const query = useInfiniteQuery({
        queryKey: [key, filter],
        queryFn: ({ pageParam }) =>
            api<{ items: T[]; page: number; pages: number; total: number }>(
                'GET',
                `${path}?${new URLSearchParams({ ...filter, page: String(pageParam) })}`,
            ),
        initialPageParam: 1,
        getNextPageParam: (last) => (last.page < last.pages ? last.page + 1 : undefined),
    });
    const pages = query.data?.pages ?? [];
    return { ...query, items: pages.flatMap((p) => p.items), total: pages[0]?.total ?? 0 };
}

/** Filters as the API has them: from, until, unit, order, section. */
export const useCalls = (filter: Record<string, string>) => usePages<CallPage['items'][number]>('calls', 'calls', filter);

/** Filters as the API has them: search, site. */
export const useUnits = (filter: Record<string, string> = {}) => usePages<UnitPage['items'][number]>('units', 'units', filter);

/** Units and calls in which all the words are; what was found last stays until the next is there. */
export const useFind = (words: string) =>
    useQuery({
        queryKey: ['find', words],
        enabled: words !== '',
        placeholderData: keepPreviousData,
        queryFn: ({ signal }) => api<FoundList>('GET', `find?${new URLSearchParams({ words })}`, undefined, signal),
    });

export const useUnit = (id: string) => useQuery({ queryKey: ['unit', id], queryFn: () => api<Unit>('GET', `units/${id}`) });

export const useTrace = (id: string) => useQuery({ queryKey: ['trace', id], queryFn: () => api<Trace>('GET', `calls/${id}`) });

/** A revision never changes: asked for once. */
export const useCircuitSheet = (revision: number | undefined) =>
    useQuery({
        queryKey: ['sheet', revision],
        enabled: revision !== undefined,
        staleTime: Number.POSITIVE_INFINITY,
        queryFn: () => api<CircuitSheet>('GET', `revisions/${revision}`),
    });

/** What was judged of a unit's parts, on its calls and outside of them. */
export const useUnitChecks = (id: string) =>
    useQuery({ queryKey: ['unit-checks', id], queryFn: () => api<UnitChecks>('GET', `units/${id}/checks`) });

export const useFittedParts = (unit: number) =>
    useQuery({ queryKey: ['fitted', unit], queryFn: () => api<FittedParts>('GET', `units/${unit}/fitted`) });

/** Into the unit's own log; the event has its id before it leaves, so that a lost answer keeps it once. */
export function useNoteOfUnit(unit: number) {
    const client = useQueryClient();
    return useMutation({
        mutationFn: (event: EventInput) => api<UnitChecks>('POST', `units/${unit}/events`, event),
        onSuccess: (checks) => client.setQueryData(['unit-checks', String(unit)], checks),
    });
}

export function useOpenCall(unit: number) {
    const client = useQueryClient();
    return useMutation({
        mutationFn: (complaint: string) => api<Call>('POST', `units/${unit}/calls`, { complaint }),
        onSuccess: () => client.invalidateQueries({ queryKey: ['calls'] }),
    });
}

interface MeterOn {
    fn: MeterFunction;
    red: string | null;
    black: string | null;
    turns: number;
}

export function useExpected(call: string, on: MeterOn, stamp: number, isAsked: boolean) {
    const { fn, red, black, turns } = on;
    return useQuery({
        queryKey: ['expected', call, stamp, fn, red, black, turns],
        enabled: isAsked && red !== null && black !== null && red !== black,
        queryFn: () =>
            api<Expected>(
                'GET',
                `calls/${call}/expected?${new URLSearchParams({
                    function: fn,
                    red: red ?? '',
                    black: black ?? '',
                    turns: String(turns),
                })}`,
            ),
    });
}

/** What a new part must match, and what comes of one of which so much is typed; the last answer stands until the next is there. */
export function useSwap(call: number, part: string, is: Record<string, string>, stamp: number) {
    const query = new URLSearchParams({ part });
    for (const [name, text] of Object.entries(is)) {
        if (text.trim() !== '') {
            query.set(`is[${name}]`, text);
        }
    }
    return useQuery({
        queryKey: ['swap', call, stamp, query.toString()],
        placeholderData: keepPreviousData,
        queryFn: ({ signal }) => api<Swap>('GET', `calls/${call}/swap?${query}`, undefined, signal),
    });
}

/** Which wire of a part goes where as it is swapped. */
export const useSwapList = (call: number, part: string, stamp: number) =>
    useQuery({
        queryKey: ['swap-list', call, part, stamp],
        enabled: part !== '',
        placeholderData: (before, query) => (query?.queryKey[2] === part ? before : undefined),
        queryFn: () => api<SwapList>('GET', `calls/${call}/leads/${encodeURIComponent(part)}`),
    });

/** Why something is suspected; null: nothing is opened. */
export const useDossier = (call: number, target: string | null, stamp: number) =>
    useQuery({
        queryKey: ['dossier', call, stamp, target],
        enabled: target !== null,
        queryFn: () => api<Dossier>('GET', `calls/${call}/suspects/${encodeURIComponent(target ?? '')}`),
    });

/** What tells whether a part or wire is good by itself; null: not asked for. Until its steps are known anew they stand as they were. */
export const useByItself = (call: string, target: string | null, stamp: number) =>
    useQuery({
        queryKey: ['alone', call, target, stamp],
        enabled: target !== null,
        placeholderData: (before, query) => (query?.queryKey[2] === target ? before : undefined),
        queryFn: () => api<Alone>('GET', `calls/${call}/alone/${encodeURIComponent(target ?? '')}`),
    });

/** What the model does after the call comes on, healthy or with a fault; null: not asked for. */
export const useStory = (call: string, fault: string | null, stamp: number) =>
    useQuery({
        queryKey: ['story', call, stamp, fault],
        enabled: fault !== null,
        staleTime: Number.POSITIVE_INFINITY,
        queryFn: () => api<Story>('GET', `calls/${call}/story?${new URLSearchParams({ fault: fault ?? '' })}`),
    });

export const useHabits = () => useQuery({ queryKey: ['habits'], queryFn: () => api<Habits>('GET', 'shop/habits') });

/** A habit of the shop; the checks begin with it from then on. */
export function useChangeHabit() {
    const client = useQueryClient();
    return useMutation({
        mutationFn: (habit: HabitInput) => api<Habits>('PUT', 'shop/habits', habit),
        onSuccess: (habits) => {
            client.setQueryData(['habits'], habits);
            void client.invalidateQueries({ queryKey: ['bench'], exact: true });
        },
    });
}

/** The checks change with the application and the shop's habits only. */
export const useBench = () =>
    useQuery({ queryKey: ['bench'], staleTime: Number.POSITIVE_INFINITY, queryFn: () => api<BenchChecks>('GET', 'bench') });

/** What a check makes of what is typed; the last answer stands until the next one is there. */
export function useJudgement(
    check: string,
    given: Record<string, string>,
    units: Record<string, string>,
    shown: Record<string, string>,
) {
    const query = new URLSearchParams();
    for (const [group, texts] of Object.entries({ given, units, shown })) {
        for (const [name, text] of Object.entries(texts)) {
            if (text !== '') {
                query.set(`${group}[${name}]`, text);
            }
        }
    }
    return useQuery({
        queryKey: ['bench', check, query.toString()],
        placeholderData: keepPreviousData,
        staleTime: Number.POSITIVE_INFINITY,
        queryFn: ({ signal }) => api<BenchAnswer>('GET', `bench/${check}?${query}`, undefined, signal),
    });
}
