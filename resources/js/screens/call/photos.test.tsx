import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { Inside } from '../../testing/inside';
import { anEvent, aPart, aSheet, aTrace } from '../../testing/shapes';
import { Photos } from './photos';

const scaled = vi.hoisted(() => vi.fn());

vi.mock('../../ui/scaled', () => ({ scaled }));

afterEach(cleanup);

const sheet = aSheet({ parts: [aPart('CAP', { label: 'Capacitor' })] });

const choose = (file: File) =>
    fireEvent.change(screen.getByLabelText('Take or choose a photograph'), { target: { files: [file] } });

it('shows what was photographed, and sends a picture with the part and what it shows', async () => {
    const picture = new Blob(['x'], { type: 'image/jpeg' });
    scaled.mockResolvedValue(picture);
    const send = vi.fn().mockResolvedValue(true);
    const events = [anEvent({ type: 'photo', data: { photo: 'ab', part: '', label: '', words: 'the plate' } })];
    render(<Photos trace={aTrace({ events })} sheet={sheet} disabled={false} send={send} />, { wrapper: Inside });
    expect(screen.getByAltText('the plate').getAttribute('src')).toBe('/api/photos/ab.jpg');
    fireEvent.change(screen.getByLabelText('Of which part'), { target: { value: 'CAP' } });
    fireEvent.change(screen.getByLabelText(/What it shows/), { target: { value: 'bulged' } });
    choose(new File(['x'], 'p.jpg'));
    await waitFor(() => expect(send).toHaveBeenCalledWith('photo', { picture, part: 'CAP', words: 'bulged' }));
});

it('says what to do with a picture that cannot be read', async () => {
    scaled.mockRejectedValue(new Error('no'));
    const send = vi.fn();
    render(<Photos trace={aTrace()} sheet={sheet} disabled={false} send={send} />, { wrapper: Inside });
    choose(new File(['x'], 'p.txt'));
    expect((await screen.findByRole('alert')).textContent).toContain('choose a JPEG');
    expect(send).not.toHaveBeenCalled();
});
