import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ApiError, api } from './client';
import type { Call, Expected, MeterFunction, Trace, Unit, User } from './types';

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

export const useCalls = () => useQuery({ queryKey: ['calls'], queryFn: () => api<Call[]>('GET', 'calls') });

export const useUnits = () => useQuery({ queryKey: ['units'], queryFn: () => api<Unit[]>('GET', 'units') });

export const useUnit = (id: string) => useQuery({ queryKey: ['unit', id], queryFn: () => api<Unit>('GET', `units/${id}`) });

export const useTrace = (id: string) => useQuery({ queryKey: ['trace', id], queryFn: () => api<Trace>('GET', `calls/${id}`) });

export function useOpenCall(unit: number) {
    const client = useQueryClient();
    return useMutation({
        mutationFn: (complaint: string) => api<Call>('POST', `units/${unit}/calls`, { complaint }),
        onSuccess: () => client.invalidateQueries({ queryKey: ['calls'] }),
    });
}

export function useExpected(call: string, on: { fn: MeterFunction; red: string | null; black: string | null }, stamp: number) {
    const { fn, red, black } = on;
    return useQuery({
        queryKey: ['expected', call, stamp, fn, red, black],
        enabled: red !== null && black !== null && red !== black,
        queryFn: () =>
            api<Expected>(
                'GET',
                `calls/${call}/expected?${new URLSearchParams({ function: fn, red: red ?? '', black: black ?? '' })}`,
            ),
    });
}
