import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, expect, it, vi } from 'vitest';
import { Place } from './place';

afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
});

let broken = true;

function Fragile() {
    if (broken) {
        throw new Error('No conductor w99.');
    }
    return <p>Drawn.</p>;
}

it('keeps what breaks in a place within it, says what it was, and tries again', () => {
    vi.spyOn(console, 'error').mockImplementation(() => {});
    render(
        <MemoryRouter>
            <Place>
                <Fragile />
            </Place>
        </MemoryRouter>,
    );
    expect(screen.getByText('This page broke.')).toBeTruthy();
    expect(screen.getByRole('alert').textContent).toContain('No conductor w99.');
    broken = false;
    fireEvent.click(screen.getByText('Try again'));
    expect(screen.getByText('Drawn.')).toBeTruthy();
});
