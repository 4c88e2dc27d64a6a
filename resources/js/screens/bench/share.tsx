import { useState } from 'react';

/** Hands on the address, which has in it what was typed: by what the device shares with, else by the clipboard. */
export function Share({ title, said }: { title: string; said: string }) {
    const [done, setDone] = useState('');
    const share = async () => {
        const url = window.location.href;
        try {
            if (typeof navigator.share === 'function') {
                await navigator.share({ title, text: said === '' ? title : `${title}: ${said}`, url });
                return;
            }
            await navigator.clipboard.writeText(url);
            setDone('Its address is copied: paste it into a message.');
        } catch {
            // sharing was called off, or the clipboard is not to be had
            setDone('Copy the address of this page: what was typed is in it.');
        }
    };
    return (
        <>
            <button type="button" className="key" onClick={() => void share()}>
                Share
            </button>
            <span role="status" className="self-center">
                {done}
            </span>
        </>
    );
}
