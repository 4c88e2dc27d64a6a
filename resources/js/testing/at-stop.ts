import { fireEvent, screen } from '@testing-library/react';
import { vi } from 'vitest';
import { EMPTY } from '../api/outbox';
import type { Trace } from '../api/shapes';
import type { AtStop } from '../screens/call/call-screen';
import { aSheet } from './shapes';

/** What a stop of a call is given, and what it sends. */
export const at = (trace: Trace, over: Partial<AtStop> = {}) => {
    const send = vi.fn().mockResolvedValue(true);
    const outbox = { ...EMPTY, settling: null, send, flush: vi.fn(), discard: vi.fn(), forget: vi.fn() };
    return { trace, sheet: aSheet(), outbox, disabled: false, send, ...over };
};

export const type = (label: string | RegExp, value: string) =>
    fireEvent.change(screen.getByLabelText(label), { target: { value } });
