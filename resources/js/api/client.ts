/** The one way out to the server. */

import type { Refused } from './shapes';

export class ApiError extends Error {
    constructor(
        readonly status: number,
        message: string,
    ) {
        super(message);
    }

    /** The session ended, or its token did: sign in again and send the same thing once more. */
    get isExpired(): boolean {
        return this.status === 401 || this.status === 419;
    }

    /** The server has understood and will never take it; anything else is worth sending again. */
    get isFinal(): boolean {
        return this.status >= 400 && this.status < 500 && !this.isExpired && this.status !== 408 && this.status !== 429;
    }
}

const ELSEWHERE =
    'The answer did not come from Levin: something between here and it answered instead, a proxy or a sign-in page of the network. ' +
    'What you entered is kept; try again.';

function token(): string {
    const cookie = document.cookie.split('; ').find((c) => c.startsWith('XSRF-TOKEN='));
    return cookie === undefined ? '' : decodeURIComponent(cookie.slice('XSRF-TOKEN='.length));
}

function messageFor(status: number, body: Partial<Refused>): string {
    const first = Object.values(body.errors ?? {})[0]?.[0];
    if (first !== undefined) {
        return first;
    }
    switch (status) {
        case 401:
        case 419:
            return 'Your session has ended. Sign in again; nothing you entered is lost.';
        case 403:
            return 'This call belongs to someone else. Its technician or a lead can change it.';
        case 404:
            return 'That is not here any more.';
        case 429:
            return 'Too many tries. Wait a minute, then try again.';
        default:
            return body.message ?? `The server answered ${status}. Try again; nothing you entered is lost.`;
    }
}

/** What an answer holds, or null when it is not Levin's. */
function parsed(text: string): unknown {
    if (text === '') {
        return {};
    }
    try {
        return JSON.parse(text);
    } catch {
        return null;
    }
}

export async function api<T>(
    method: 'GET' | 'POST' | 'PUT' | 'DELETE',
    path: string,
    body?: unknown,
    signal?: AbortSignal,
): Promise<T> {
    let response: Response;
    let text: string;
    try {
        response = await fetch(`/api/${path}`, {
            method,
            headers: {
                Accept: 'application/json',
                'Content-Type': body instanceof Blob ? body.type : 'application/json',
                'X-XSRF-TOKEN': token(),
            },
            ...(body === undefined ? {} : { body: body instanceof Blob ? body : JSON.stringify(body) }),
            ...(signal === undefined ? {} : { signal }),
        });
        text = await response.text();
    } catch {
        throw new ApiError(0, 'No connection to the server. What you entered is kept; try again.');
    }
    const data = parsed(text);
    if (data === null) {
        // a page that says 403 is not Levin saying it: never final
        throw new ApiError(response.status >= 500 ? response.status : 0, ELSEWHERE);
    }
    if (!response.ok) {
        throw new ApiError(response.status, messageFor(response.status, data as Partial<Refused>));
    }
    return data as T;
}
