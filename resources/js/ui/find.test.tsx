import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { Inside } from '../testing/inside';
import { FindKey } from './find';

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

const serve = (body: unknown) =>
    vi.stubGlobal(
        'fetch',
        vi.fn(async () => new Response(JSON.stringify(body), { status: 200 })),
    );

const press = (key: string, at: Element = document.body) => fireEvent.keyDown(at, { key });

it('opens with /, but not while somebody types', async () => {
    render(
        <Inside>
            <input aria-label="note" />
            <FindKey />
        </Inside>,
    );
    press('/', screen.getByLabelText('note'));
    expect(screen.queryByRole('dialog')).toBeNull();
    press('/');
    expect(screen.getByRole('dialog').textContent).toContain('Find a unit or a call');
});

it('leaves / to a drawing, and opens by its key', () => {
    render(
        <Inside>
            <FindKey slash={false} />
        </Inside>,
    );
    press('/');
    expect(screen.queryByRole('dialog')).toBeNull();
    fireEvent.click(screen.getByText('Find'));
    expect(screen.getByRole('dialog')).toBeTruthy();
});

const look = (words: string) => fireEvent.change(screen.getByLabelText(/Words, or/), { target: { value: words } });

it('leads to what it finds, and says when that is not all', async () => {
    serve({ items: [{ kind: 'unit', id: 9, label: 'Hall unit', detail: 'School' }], more: true });
    render(
        <Inside>
            <FindKey />
        </Inside>,
    );
    press('/');
    look('hall');
    expect((await screen.findByText('Hall unit')).closest('a')?.getAttribute('href')).toBe('/units/9');
    expect(screen.getByText(/another word finds it sooner/)).toBeTruthy();
    fireEvent.click(screen.getByText('Hall unit'));
    expect(screen.queryByRole('dialog')).toBeNull();
});

it('says what to do when nothing has all the words', async () => {
    serve({ items: [], more: false });
    render(
        <Inside>
            <FindKey />
        </Inside>,
    );
    press('/');
    look('sauna');
    expect(await screen.findByText(/Take one away/)).toBeTruthy();
});
