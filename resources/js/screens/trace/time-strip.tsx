import type { CircuitSheet, Trace } from '../../api/shapes';
import { type Done, reached, whatItDid } from './did';
import type { Film } from './use-film';

interface Props {
    trace: Trace;
    sheet: CircuitSheet;
    film: Film;
    /** a step was touched: what did its part do? */
    onPart: (part: string) => void;
}

const seconds = (at: number) => (at < 90 ? `${Math.round(at)} s` : `${Math.round(at / 60)} min`);

/** What this unit should do after the call comes on, with its times, and what it did; and the model's stories, played. */
export function TimeStrip({ trace, sheet, film, onPart }: Props) {
    const done = whatItDid(sheet.sequence, trace.events);
    const far = film.frame === null ? reached(done) : done.filter((d) => d.step.at <= (film.frame?.from ?? 0)).length;
    return (
        <section aria-label="After the call" className="shrink-0 border-ink border-t-2" data-time-strip>
            <div className="flex flex-wrap items-center justify-between gap-x-3 px-4 pt-1">
                <h2 className="heading">After the call: what it should do, and what it did</h2>
                <Player trace={trace} film={film} />
            </div>
            <ol className="time-strip">
                <li className="time-step" data-done="true">
                    <span className="text-sm">0 s</span>
                    <Dot reached={far > 0} done />
                    <span className="font-bold text-sm">call</span>
                </li>
                {done.map((d, n) => (
                    <Step
                        key={`${d.step.part} ${d.step.at}`}
                        done={d}
                        reached={n < far}
                        goesOn={n + 1 < far}
                        playing={film.frame !== null}
                        onPart={onPart}
                    />
                ))}
            </ol>
        </section>
    );
}

interface StepProps {
    done: Done;
    reached: boolean;
    goesOn: boolean;
    playing: boolean;
    onPart: (part: string) => void;
}

function Step({ done: { step, did, seen }, reached: isReached, goesOn, playing, onPart }: StepProps) {
    const stops = did === false && !playing;
    return (
        <li className="time-step" data-done={playing ? isReached : did} data-step-of={step.part}>
            <span className={stops ? 'font-bold text-odd text-sm' : 'text-quiet text-sm'}>
                {stops ? 'not so' : seconds(step.at)}
            </span>
            <Dot reached={goesOn} done={isReached} />
            <button
                type="button"
                className="min-h-[44px] px-1 text-sm leading-tight underline underline-offset-4"
                onClick={() => onPart(step.part)}
            >
                <strong>{step.label}</strong> {stops ? seen : step.does}
            </button>
        </li>
    );
}

/** On the line of time: the highlighter has come to it, and on to the next. */
function Dot({ reached: on, done }: { reached: boolean; done: boolean }) {
    return (
        <span aria-hidden="true" className="time-dot" data-on={on} data-to={done}>
            <span />
        </span>
    );
}

/** The stories that there are, and the keys of a player. */
function Player({ trace, film }: { trace: Trace; film: Film }) {
    const suspect = trace.suspects.groups.find((g) => g.faults.length > 0);
    if (film.fault === null) {
        return (
            <p className="flex flex-wrap gap-2">
                <button type="button" className="key px-3" onClick={() => film.show('')}>
                    ▶ Healthy
                </button>
                {suspect !== undefined && (
                    <button type="button" className="key px-3" onClick={() => film.show(suspect.faults[0] ?? '')}>
                        ▶ With the first suspect
                    </button>
                )}
            </p>
        );
    }
    return (
        <p className="flex flex-wrap items-center gap-2" data-film>
            <span className="leading-tight" role="status">
                {film.problem !== null
                    ? film.problem.message
                    : film.frame === null
                      ? 'Working it out.'
                      : `${film.as ?? 'Healthy'}: ${seconds(film.frame.from)} after the call`}
            </span>
            <button type="button" className="key px-3" aria-label="A step back" onClick={() => film.step(-1)}>
                ‹
            </button>
            <button type="button" className="key px-3" onClick={() => film.play(!film.playing)}>
                {film.playing ? 'Pause' : 'Play'}
            </button>
            <button type="button" className="key px-3" aria-label="A step on" onClick={() => film.step(1)}>
                ›
            </button>
            <button type="button" className="key px-3" onClick={film.close}>
                As it stands
            </button>
        </p>
    );
}
