import { useEffect, useRef } from 'react';
import type { Draft, Making } from '../../api/shapes';
import type { Edits } from '../../api/use-edits';
import { useKept } from '../../ui/use-kept';
import { wiresOf } from './kinds';

interface Props {
    draft: Draft;
    making: Making;
    edits: Edits;
    chosen: string | null;
    choose: (id: string) => void;
}

/** What may come next in a line: verbs first, then what is on the drawing. */
function offers(text: string, draft: Draft, making: Making): string[] {
    const words = text.split(' ');
    const last = words[words.length - 1] ?? '';
    const before = text.slice(0, text.length - last.length);
    if (words.length === 1) {
        return making.usages.map((u) => u.split(' ')[0] ?? '').filter((v) => v.startsWith(last));
    }
    const names = [
        ...draft.parts.map((p) => p.id),
        ...wiresOf(draft).map((w) => w.id),
        ...making.kinds.map((k) => k.kind),
        ...(draft.sheet?.parts ?? []).flatMap((p) => p.points),
        ...draft.places.map((p) => p.id),
    ];
    return names
        .filter((n) => n.toLowerCase().startsWith(last.toLowerCase()))
        .slice(0, 30)
        .map((n) => before + n);
}

/** A change in a line, for who types: `rename CC C`. A name alone chooses what has it. Kept through a closed page. */
export function CommandLine({ draft, making, edits, chosen, choose }: Props) {
    const [text, setText] = useKept(`draft.${draft.id}`, '');
    const field = useRef<HTMLInputElement>(null);
    useEffect(() => {
        const onKey = (e: KeyboardEvent) => {
            const isTyping = e.target instanceof HTMLElement && e.target.matches('input, textarea, select');
            if (e.key === '/' && !isTyping && !e.ctrlKey) {
                e.preventDefault();
                field.current?.focus();
            }
        };
        window.addEventListener('keydown', onKey);
        return () => window.removeEventListener('keydown', onKey);
    }, []);
    const verb = text.trimStart().split(' ')[0] ?? '';
    const usage = making.usages.find((u) => u.split(' ')[0] === verb);
    const isName =
        draft.parts.some((p) => p.id === text.trim().toUpperCase()) || wiresOf(draft).some((w) => w.id === text.trim());
    return (
        <form
            className="grid gap-1 border-rule border-t p-2"
            onSubmit={async (e) => {
                e.preventDefault();
                const said = text.trim();
                if (isName) {
                    choose(wiresOf(draft).some((w) => w.id === said) ? said : said.toUpperCase());
                    setText('');
                } else if (said !== '' && (await edits.edit(said))) {
                    setText('');
                }
            }}
        >
            <input
                ref={field}
                className="field font-mono"
                name="line"
                aria-label="A change, in a line"
                list="draft-offers"
                autoComplete="off"
                autoCapitalize="off"
                spellCheck={false}
                placeholder={chosen === null ? 'tap a part or wire, or type: rename CC C' : `type: plate ${chosen} …`}
                value={text}
                onChange={(e) => setText(e.target.value)}
            />
            <datalist id="draft-offers">
                {offers(text, draft, making).map((o) => (
                    <option key={o} value={o} />
                ))}
            </datalist>
            {usage !== undefined && <p className="px-1 font-mono text-quiet text-sm">{usage}</p>}
        </form>
    );
}
