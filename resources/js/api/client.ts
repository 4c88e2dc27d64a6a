/** The one way out to the server. */

export class ApiError extends Error {
    constructor(
        readonly status: number,
        message: string,
        readonly fields: Record<string, string[]> = {},
    ) {
        super(message);
    }

    /** The session ended, or its token did: sign in again and send the same thing once more. */
    get isExpired(): boolean {
        return this.status === 401 || this.status === 419;
    }
}

function token(): string {
    const cookie = document.cookie.split('; ').find((c) => c.startsWith('XSRF-TOKEN='));
    return cookie === undefined ? '' : decodeURIComponent(cookie.slice('XSRF-TOKEN='.length));
}

function messageFor(status: number, body: { message?: string; errors?: Record<string, string[]> }): string {
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

export async function api<T>(method: 'GET' | 'POST' | 'DELETE', path: string, body?: unknown): Promise<T> {
    let response: Response;
    try {
        response = await fetch(`/api/${path}`, {
            method,
            headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token() },
            ...(body === undefined ? {} : { body: JSON.stringify(body) }),
        });
    } catch {
        throw new ApiError(0, 'No connection to the server. What you entered is kept; try again.');
    }
    const text = await response.text();
    const data = text === '' ? {} : JSON.parse(text);
    if (!response.ok) {
        throw new ApiError(response.status, messageFor(response.status, data), data.errors ?? {});
    }
    return data as T;
}
