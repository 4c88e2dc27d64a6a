import { useEffect } from 'react';

type Actions = Record<string, () => void>;

const press = (selector: string) => {
    const key = [...document.querySelectorAll<HTMLButtonElement>(selector)].find((k) => !k.disabled);
    key?.click();
    return key !== undefined;
};

interface Keyboard {
    /** nothing is listened to, as a sheet lies over the board */
    off: boolean;
    field: HTMLInputElement | null;
    /** whether a reading can be typed */
    typing: boolean;
    type: (digit: string) => void;
    keep: () => void;
    actions: Actions;
}

/**
 * The whole board from the keyboard: Enter does the next thing there is to do, digits are the reading or the answer, letters are
 * what the key bar says.
 */
export function useKeys(board: Keyboard) {
    useEffect(() => {
        const onKey = (e: KeyboardEvent) => {
            const target = e.target as HTMLElement;
            const inField = target === board.field;
            const elsewhere = !inField && /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName);
            if (board.off || e.ctrlKey || e.metaKey || e.altKey || elsewhere) {
                return;
            }
            // letters belong to the reading and its unit while it is being typed
            const act = inField && /[a-z]/i.test(e.key) ? undefined : board.actions[e.key.toLowerCase()];
            act?.();
            const isDone = act !== undefined || (!inField && (answer(e.key, target, board) || digit(e.key, board)));
            if (isDone) {
                e.preventDefault();
            }
        };
        window.addEventListener('keydown', onKey);
        return () => window.removeEventListener('keydown', onKey);
    });
}

/** A digit of the reading, typed from anywhere. */
function digit(key: string, board: Keyboard): boolean {
    // of what a gauge shows there is a field of its own
    const own = document.querySelector<HTMLInputElement>('[data-answers] input');
    if (own !== null && /^[0-9.,-]$/.test(key)) {
        own.focus();
        return false;
    }
    const isOne = board.typing && (key === 'Backspace' || /^[0-9.,kKM-]$/.test(key));
    if (isOne) {
        board.type(key === 'Backspace' ? '' : key);
    }
    return isOne;
}

/** The answer of that number; or Enter, for the next step, the answer that is chosen, the reading that is typed. */
function answer(key: string, target: HTMLElement, board: Keyboard): boolean {
    if (/^[1-9]$/.test(key)) {
        return press(`[data-answers] [data-digit="${key}"]`);
    }
    if (key !== 'Enter' || target.closest('button, a, [role=button]') !== null) {
        return false;
    }
    if (press('[data-step=next]') || press('[data-answers] [data-keep]')) {
        return true;
    }
    if (board.typing) {
        board.keep();
    }
    return board.typing;
}
