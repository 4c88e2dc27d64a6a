// @vitest-environment jsdom

import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import type { BenchRow } from '../../api/shapes';
import { RowDrawing } from './row-drawing';

const post = (name: string, more: Partial<BenchRow['posts'][number]> = {}) => ({ name, role: '', entry: '', ...more });
const piece = (shape: BenchRow['pieces'][number]['shape'], more: Partial<BenchRow['pieces'][number]> = {}) => ({
    shape,
    words: '',
    entry: '',
    ...more,
});

const drawn = (row: Partial<BenchRow>, typed: Record<string, string> = {}) => {
    const whole: BenchRow = { posts: [post('A')], pieces: [], over: '', entry: '', ...row };
    render(<RowDrawing row={whole} typed={(entry) => typed[entry] ?? ''} />);
    return screen.getByRole('img', { name: 'Where the probes go' });
};
const texts = (svg: HTMLElement) => [...svg.querySelectorAll('text')].map((t) => t.textContent);

afterEach(cleanup);

it('names a post as it was typed, and else as it is called', () => {
    const row = { posts: [post('first', { entry: 'a' }), post('second', { entry: 'b' })], pieces: [piece('winding')] };
    expect(texts(drawn(row, { a: 'brown' }))).toEqual(['brown', 'second']);
});

it('says beside a piece what it is and what was read there', () => {
    const row = { posts: [post('L'), post('T')], pieces: [piece('contact', { words: 'each pole', entry: 'poles' })] };
    expect(texts(drawn(row, { poles: '0.1 V' }))).toEqual(['each pole', '0.1 V', 'L', 'T']);
});

it('says what lies over all of them', () => {
    const row = { posts: [post('T1'), post('T2')], pieces: [piece('wire')], over: 'T1 – T2', entry: 't1t2' };
    expect(texts(drawn(row, { t1t2: '2.4 Ω' }))[0]).toBe('T1 – T2: 2.4 Ω');
});

it('draws two of one name, and nothing where there is a gap', () => {
    const row = {
        posts: [post('L'), post('T'), post('L'), post('T')],
        pieces: [piece('fuse', { words: 'was' }), piece('gap'), piece('fuse', { words: 'is' })],
    };
    const svg = drawn(row);
    expect(texts(svg)).toEqual(['was', 'is', 'L', 'T', 'L', 'T']);
    expect(svg.querySelectorAll('circle')).toHaveLength(4);
    const groups = [...svg.querySelectorAll('g')].map((g) => g.querySelectorAll('path').length);
    expect(groups.slice(0, 3)).toEqual([2, 1, 2]);
});

it('keeps a long name at either end within the picture', () => {
    const row = { posts: [post('all leads together'), post('bare metal of it')], pieces: [piece('insulation')] };
    const [first, last] = [...drawn(row).querySelectorAll('text')];
    expect(first?.style.textAnchor).toBe('start');
    expect(last?.style.textAnchor).toBe('end');
});

it('says under a post what it turned out to be', () => {
    const row = { posts: [post('black', { role: 'common' }), post('brown', { role: 'run' })], pieces: [piece('winding')] };
    expect(texts(drawn(row))).toEqual(['black', 'common', 'brown', 'run']);
});
