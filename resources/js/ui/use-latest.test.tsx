import { renderHook } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { useLatest } from './use-latest';

it('gives the same handlers every time, each doing what the last ones given do', () => {
    const [first, second] = [vi.fn(), vi.fn()];
    const { result, rerender } = renderHook(({ onPoint }) => useLatest({ onPoint }), { initialProps: { onPoint: first } });
    const given = result.current;
    given.onPoint('HP.1');
    rerender({ onPoint: second });
    expect(result.current).toBe(given);
    given.onPoint('HP.2');
    expect([first.mock.calls, second.mock.calls]).toEqual([[['HP.1']], [['HP.2']]]);
});
