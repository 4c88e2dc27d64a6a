import { useState } from 'react';

type Theme = 'sun' | 'attic';

const kept = (): Theme => (localStorage.getItem('levin.theme') === 'attic' ? 'attic' : 'sun');

export function applyTheme(theme: Theme = kept()): void {
    document.documentElement.dataset.theme = theme;
    localStorage.setItem('levin.theme', theme);
}

/** Sun for daylight, attic for the dark. */
export function ThemeKey() {
    const [theme, setTheme] = useState<Theme>(kept);
    const other: Theme = theme === 'sun' ? 'attic' : 'sun';
    return (
        <button
            type="button"
            className="key"
            onClick={() => {
                applyTheme(other);
                setTheme(other);
            }}
        >
            {other === 'sun' ? 'Sun' : 'Attic'}
        </button>
    );
}
