import { useEffect, useState } from 'react';
import { useStory } from '../../api/queries';
import type { Frame } from '../../api/shapes';

/** So long a frame stands while the story is played. Milliseconds. */
const STANDS = 1400;

export interface Film {
    /** fault that it is told with; empty for none, null while none is shown */
    fault: string | null;
    /** in words */
    as: string | null;
    frames: Frame[];
    /** the one that is shown */
    frame: Frame | null;
    playing: boolean;
    show: (fault: string) => void;
    play: (playing: boolean) => void;
    step: (by: 1 | -1) => void;
    close: () => void;
    problem: Error | null;
}

/** A story of the model, frame by frame: the drawing is lit as the unit of the story stands. */
export function useFilm(call: string, stamp: number): Film {
    const [fault, setFault] = useState<string | null>(null);
    const [at, setAt] = useState(0);
    const [playing, setPlaying] = useState(false);
    const story = useStory(call, fault, stamp);
    const frames = story.data?.frames ?? [];
    const last = frames.length - 1;
    const isOver = frames.length > 0 && at >= last;
    useEffect(() => {
        const timer = playing && !isOver && frames.length > 0 ? setTimeout(() => setAt(at + 1), STANDS) : undefined;
        return () => clearTimeout(timer);
    }, [playing, isOver, at, frames.length]);
    return {
        fault,
        as: story.data?.with ?? null,
        frames,
        frame: fault === null ? null : (frames[Math.min(at, last)] ?? null),
        playing: playing && !isOver,
        show: (of) => {
            setFault(of);
            setAt(0);
            setPlaying(true);
        },
        play: (on) => {
            setPlaying(on);
            setAt(on && isOver ? 0 : at);
        },
        step: (by) => {
            setPlaying(false);
            setAt(Math.max(0, Math.min(last, at + by)));
        },
        close: () => {
            setFault(null);
            setPlaying(false);
        },
        problem: story.error,
    };
}
