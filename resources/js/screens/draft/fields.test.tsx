import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { EditField } from './fields';

afterEach(cleanup);

const field = (keep: (value: string) => Promise<boolean>) => {
    render(<EditField label="Letters" name="letters" value="COMP" keep={keep} />);
    return screen.getByLabelText<HTMLInputElement>('Letters');
};

it('keeps a value when one presses Enter or leaves it, once, and only what is another one', async () => {
    const keep = vi.fn(async () => true);
    const input = field(keep);
    fireEvent.change(input, { target: { value: ' C1 ' } });
    fireEvent.keyDown(input, { key: 'Enter' });
    await waitFor(() => expect(keep).toHaveBeenCalledWith('C1'));
    fireEvent.blur(input);
    fireEvent.change(input, { target: { value: 'COMP' } });
    fireEvent.blur(input);
    expect(keep).toHaveBeenCalledTimes(1);
});

it('leaves in the field what was not taken, and lets go of it by Escape', async () => {
    const input = field(async () => false);
    fireEvent.change(input, { target: { value: 'HP' } });
    fireEvent.keyDown(input, { key: 'Enter' });
    await waitFor(() => expect(input.value).toBe('HP'));
    fireEvent.keyDown(input, { key: 'Escape' });
    expect(input.value).toBe('COMP');
});
