import type { CircuitSheet, LogEvent, MeterFunction, Trace } from '../../api/shapes';
import { SIGN, UNIT } from './functions';

const CAUSE: Record<string, string> = { found: 'cause', 'not found': 'cause not found', wear: 'plain wear' };

/** As it was typed, with its unit where none was. */
const inUnit = (entered: unknown, unit: unknown) => (/[a-zµΩ°"]/i.test(String(entered)) ? `${entered}` : `${entered} ${unit}`);

/** An event of the log in plain words. */
export function eventWords(event: Pick<LogEvent, 'type' | 'data'>, trace: Trace, circuit: CircuitSheet): string {
    const d = event.data;
    const target = (id: unknown) => circuit.parts.find((p) => p.id === id)?.label ?? String(id);
    switch (event.type) {
        case 'reading': {
            const where = d.black === '' ? `${d.red}${d.turns === undefined ? '' : ` × ${d.turns}`}` : `${d.red} → ${d.black}`;
            const fn = d.function as MeterFunction;
            return `${SIGN[fn]} ${where}  ${inUnit(d.entered, UNIT[fn].replace(/[~=]/, ''))}${moment(d.moment)}`;
        }
        case 'felt':
            return `${target(d.target)}: ${d.felt}`;
        case 'measured':
            return `${d.label} ${inUnit(d.entered, d.unit)}${moment(d.moment)}`;
        case 'tripped':
            return `${target(d.part)} opened ${d.after === 0 ? 'at once' : `after ${d.after} s`}`;
        case 'jumper':
            return d.on === true ? `jumper on ${d.from} – ${d.to}: ${d.reason}` : `jumper off ${d.from} – ${d.to}`;
        case 'pulled':
            return `${target(d.part)} ${d.out === true ? 'pulled' : 'put back'}`;
        case 'replaced':
            return [
                `${target(d.part)}: a new one fitted`,
                ...(typeof d.fitted === 'string' ? [d.fitted] : []),
                ...(typeof d.serial === 'string' ? [`serial ${d.serial}`] : []),
                ...(Array.isArray(d.differs) ? d.differs.map(String) : []),
            ].join('. ');
        case 'barred':
            return `${d.why}${d.what === '' ? '' : `: ${d.what}`}${d.barred === true ? '' : ', no longer'}`;
        case 'observation':
            return `${target(d.part)} ${d.seen}${moment(d.moment)}`;
        case 'condition': {
            const c = trace.standing.conditions.find((x) => x.name === d.name);
            return `${c?.label ?? d.name}: ${(d.value === true ? c?.on : c?.off) ?? d.value}`;
        }
        case 'lead':
            return `${d.wire} ${d.lifted === true ? 'lifted' : 'landed'}`;
        case 'moved':
            return `${target(d.part)}: ${d.words} lifted, landed on ${d.to} of the new one`;
        case 'swapped':
            return `${target(d.part)}: swapped wire for wire, ${d.wires} wires`;
        case 'proved-dead':
            return 'proved dead: known source, circuit, known source';
        case 'judged':
            return `${d.label}: ${d.headline}, ${d.verdict}`;
        case 'note':
            return String(d.text);
        case 'looked-for':
            return `looked at ${d.label}: ${d.result}`;
        case 'finding':
            return `found: ${d.label}${d.cause === '' ? '' : `. ${d.cause}`}`;
        case 'strike': {
            const struck = trace.events.find((e) => e.id === d.event);
            return `struck out ${struck?.sequence ?? ''}: ${d.reason}`;
        }
        case 'history-read':
            return 'read what was done here before';
        case 'complaint':
            return `complaint: “${d.words}”${d.since === '' ? '' : `, since ${d.since}`}, ${d.pattern}`;
        case 'photo':
            return `photograph${d.label === '' ? '' : ` of ${d.label}`}${d.words === '' ? '' : `: ${d.words}`}`;
        case 'thermostat':
            return [
                `thermostat: ${d.mode}`,
                ...(d.set === '' ? [] : [`set to ${d.set}`]),
                ...(d.shows === '' ? [] : [`shows ${d.shows}`]),
                ...(d.seated === 'not looked' ? [] : [String(d.seated)]),
                ...(d.words === '' ? [] : [String(d.words)]),
            ].join(', ');
        case 'cause':
            return `${CAUSE[String(d.kind)]}${d.words === '' ? '' : `: ${d.words}`}`;
        case 'worked':
            return `${d.label === '' ? '' : `${d.label}: `}${d.words}${d.before === '' ? '' : `, ${d.before} before, ${d.after} after`}`;
        case 'left':
            return `${d.how}: ${d.words}${d.must_not === '' ? '' : `; not to be switched on: ${d.must_not}`}`;
        case 'watched':
            return `watched for ${d.minutes} min: ${d.as_expected === true ? 'as it should' : d.words}`;
        case 'told':
            return `told ${d.who}${d.said === '' ? '' : `: “${d.said}”`}`;
        case 'waived':
            return d.on === true ? `“${d.contact}” passed over: ${d.reason}` : `“${d.contact}” passed over no more`;
        case 'closed':
            return 'call closed';
        case 'reopened':
            return `reopened: ${d.reason}`;
    }
}

function moment(m: unknown): string {
    return m === undefined ? '' : `, ${momentWords(m)}`;
}

/** When something was seen or read, where that was not simply then. */
export function momentWords(m: unknown): string {
    return typeof m !== 'number' ? String(m) : m < 60 ? `${m} s after it came on` : `${Math.round(m / 60)} min after it came on`;
}
