import { type ReactNode, type RefObject, useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react';

interface Size {
    width: number;
    height: number;
}

interface Props {
    label: string;
    /** what is looked at, in drawing units */
    size: Size;
    zoom: number;
    setZoom: (zoom: number) => void;
    /** what to bring into view whenever it changes, in drawing units */
    focus: { key: string; x: number; y: number } | null;
    /** whether a small map helps */
    map?: ReactNode;
    children: ReactNode;
}

export const STEPS = [0.25, 0.4, 0.6, 0.8, 1, 1.25, 1.6, 2];

/** The next zoom that there is a step for. */
export function step(zoom: number, up: boolean): number {
    const next = up ? STEPS.find((s) => s > zoom + 0.01) : STEPS.findLast((s) => s < zoom - 0.01);
    return next ?? zoom;
}

const bounded = (zoom: number) => Math.min(2, Math.max(0.08, zoom));

/** A window on a large sheet: it scrolls by itself, pinches, zooms by wheel and keys, and never moves the page behind it. */
export function Viewport({ label, size, zoom, setZoom, focus, map, children }: Props) {
    const box = useRef<HTMLDivElement>(null);
    const seen = useSeen(box, size, zoom);
    const keep = useKeptPoint(box, zoom, setZoom);
    useZooming(box, zoom, keep);

    const spot = focus?.key ?? '';
    // biome-ignore lint/correctness/useExhaustiveDependencies: goes there when it is another one, not when the hand has moved on
    useLayoutEffect(() => {
        const at = box.current;
        if (at !== null && focus !== null) {
            at.scrollLeft = focus.x * zoom - at.clientWidth / 2;
            at.scrollTop = focus.y * zoom - at.clientHeight / 2;
        }
    }, [spot, size.width, size.height]);

    return (
        <section aria-label={label} className="relative flex min-h-0 flex-1 flex-col">
            <div ref={box} className="sheet-window relative min-h-0 flex-1 overflow-auto overscroll-contain" data-zoom={zoom}>
                {/* what lies at the edge comes out from under the map and the keys */}
                <div className={map === undefined ? '' : 'w-max pr-36 pb-20'}>{children}</div>
            </div>
            {map !== undefined && seen !== null && (
                <SmallMap size={size} seen={seen} go={(x, y) => scrollTo(box.current, x * zoom, y * zoom)}>
                    {map}
                </SmallMap>
            )}
        </section>
    );
}

function scrollTo(box: HTMLDivElement | null, x: number, y: number) {
    if (box !== null) {
        box.scrollLeft = x - box.clientWidth / 2;
        box.scrollTop = y - box.clientHeight / 2;
    }
}

interface Seen {
    x: number;
    y: number;
    width: number;
    height: number;
}

/** In a lower window the map would cover what is looked at. Pixels. */
const LOW = 320;

/** What of the sheet is in the window, in drawing units; null where no map helps: all is seen, or the window is low. */
function useSeen(box: RefObject<HTMLDivElement | null>, size: Size, zoom: number): Seen | null {
    const [seen, setSeen] = useState<Seen | null>(null);
    useEffect(() => {
        const at = box.current;
        if (at === null) {
            return;
        }
        let waiting = 0;
        const look = () => {
            waiting = 0;
            const all = at.clientWidth >= size.width * zoom && at.clientHeight >= size.height * zoom;
            const isLow = at.clientHeight < LOW;
            setSeen(
                all || isLow
                    ? null
                    : {
                          x: at.scrollLeft / zoom,
                          y: at.scrollTop / zoom,
                          width: at.clientWidth / zoom,
                          height: at.clientHeight / zoom,
                      },
            );
        };
        const soon = () => {
            waiting = waiting === 0 ? requestAnimationFrame(look) : waiting;
        };
        look();
        at.addEventListener('scroll', soon, { passive: true });
        window.addEventListener('resize', soon);
        return () => {
            cancelAnimationFrame(waiting);
            at.removeEventListener('scroll', soon);
            window.removeEventListener('resize', soon);
        };
    }, [box, size.width, size.height, zoom]);
    return seen;
}

/** A point of the window. */
interface Spot {
    left: number;
    top: number;
}

/** The sheet is drawn anew at another zoom so long after the hand has last moved: until then it is only stretched. Milliseconds. */
const STILL = 120;

/** Zooms about a point of the window, which stays where it is, or goes where the fingers take it. */
function useKeptPoint(box: RefObject<HTMLDivElement | null>, zoom: number, setZoom: (zoom: number) => void) {
    const about = useRef<{ x: number; y: number; to: Spot } | null>(null);
    useLayoutEffect(() => {
        const [at, kept] = [box.current, about.current];
        if (at !== null && kept !== null) {
            stretch(at, null);
            at.scrollLeft = kept.x * zoom - kept.to.left;
            at.scrollTop = kept.y * zoom - kept.to.top;
            about.current = null;
        }
    }, [box, zoom]);
    return useCallback(
        (wanted: number, from?: Spot, to?: Spot) => {
            const at = box.current;
            if (at === null) {
                return;
            }
            const next = bounded(wanted);
            const { left, top } = from ?? { left: at.clientWidth / 2, top: at.clientHeight / 2 };
            if (next === zoom) {
                stretch(at, null);
                return;
            }
            about.current = { x: (at.scrollLeft + left) / zoom, y: (at.scrollTop + top) / zoom, to: to ?? { left, top } };
            setZoom(next);
        },
        [box, zoom, setZoom],
    );
}

/** What is in the window, larger or smaller by so much about a point of it; null: as it is drawn. */
function stretch(box: HTMLDivElement, by: { times: number; from: Spot; to: Spot } | null) {
    const sheet = box.firstElementChild;
    if (sheet instanceof HTMLElement) {
        // what reaches over the edge would otherwise have everything in it painted anew
        box.style.overflow = by === null ? '' : 'hidden';
        sheet.style.willChange = by === null ? '' : 'transform';
        sheet.style.transformOrigin = by === null ? '' : `${box.scrollLeft + by.from.left}px ${box.scrollTop + by.from.top}px`;
        sheet.style.transform =
            by === null ? '' : `translate(${by.to.left - by.from.left}px, ${by.to.top - by.from.top}px) scale(${by.times})`;
    }
}

/** Two fingers, the wheel with Ctrl as a pad sends it, or + and − and 0 while the drawing has the keys. */
function useZooming(box: RefObject<HTMLDivElement | null>, zoom: number, keep: (wanted: number, from?: Spot, to?: Spot) => void) {
    const now = useRef({ zoom, keep });
    now.current = { zoom, keep };
    useEffect(() => {
        const at = box.current;
        if (at === null) {
            return;
        }
        /** what the hand is at: how near from what it was drawn at, and from where */
        let moving: { zoom: number; from: Spot; to: Spot } | null = null;
        let still = 0;
        const settle = () => {
            const last = moving;
            moving = null;
            if (last !== null) {
                now.current.keep(last.zoom, last.from, last.to);
            }
        };
        const near = (wanted: number, from: Spot, to: Spot) => {
            moving = { zoom: bounded(wanted), from, to };
            stretch(at, { times: moving.zoom / now.current.zoom, from, to });
            clearTimeout(still);
            still = window.setTimeout(settle, STILL);
        };
        let begun: { apart: number; zoom: number; spot: Spot } | null = null;
        const fingers = (e: TouchEvent) => {
            const [a, b] = [e.touches[0], e.touches[1]];
            const frame = at.getBoundingClientRect();
            return a === undefined || b === undefined
                ? null
                : {
                      apart: Math.hypot(a.clientX - b.clientX, a.clientY - b.clientY),
                      spot: {
                          left: (a.clientX + b.clientX) / 2 - frame.left,
                          top: (a.clientY + b.clientY) / 2 - frame.top,
                      },
                  };
        };
        const start = (e: TouchEvent) => {
            const two = fingers(e);
            begun = two === null ? null : { ...two, zoom: now.current.zoom };
        };
        const move = (e: TouchEvent) => {
            const two = fingers(e);
            if (two !== null && begun !== null) {
                e.preventDefault();
                near((begun.zoom * two.apart) / begun.apart, begun.spot, two.spot);
            }
        };
        const wheel = (e: WheelEvent) => {
            if (e.ctrlKey) {
                e.preventDefault();
                const frame = at.getBoundingClientRect();
                const from = moving?.from ?? { left: e.clientX - frame.left, top: e.clientY - frame.top };
                near((moving?.zoom ?? now.current.zoom) * Math.exp(-e.deltaY / 300), from, from);
            }
        };
        const key = (e: KeyboardEvent) => {
            if (e.key === '+' || e.key === '-' || e.key === '0') {
                e.preventDefault();
                e.stopPropagation();
                now.current.keep(e.key === '0' ? 1 : step(now.current.zoom, e.key === '+'));
            }
        };
        at.addEventListener('keydown', key);
        at.addEventListener('touchstart', start, { passive: true });
        at.addEventListener('touchmove', move, { passive: false });
        at.addEventListener('wheel', wheel, { passive: false });
        return () => {
            clearTimeout(still);
            at.removeEventListener('keydown', key);
            at.removeEventListener('touchstart', start);
            at.removeEventListener('touchmove', move);
            at.removeEventListener('wheel', wheel);
        };
    }, [box]);
}

/** Pixels that it takes at most. */
const MAP = { width: 110, height: 240 };

/** The whole sheet, small, with what is in the window; a tap goes there. */
function SmallMap({
    size,
    seen,
    go,
    children,
}: {
    size: Size;
    seen: Seen;
    go: (x: number, y: number) => void;
    children: ReactNode;
}) {
    const scale = Math.min(MAP.width / size.width, MAP.height / size.height);
    return (
        <div
            aria-hidden="true"
            data-map
            className="absolute top-2 right-4 border-2 border-ink bg-paper"
            onClick={(e) => {
                const frame = e.currentTarget.getBoundingClientRect();
                go((e.clientX - frame.left) / scale, (e.clientY - frame.top) / scale);
            }}
        >
            <svg
                aria-hidden="true"
                className="ladder-map block"
                width={size.width * scale}
                height={size.height * scale}
                viewBox={`0 0 ${size.width} ${size.height}`}
            >
                {children}
                <rect
                    className="seen"
                    x={seen.x}
                    y={seen.y}
                    width={Math.min(seen.width, size.width)}
                    height={Math.min(seen.height, size.height)}
                />
            </svg>
        </div>
    );
}
