import { useShared, type Theme } from '@/lib/shared';
import { text } from '@/lib/text';
import { useState } from 'react';

const themes: Theme[] = ['system', 'light', 'dark'];

/** Light, dark, or as the system has it; kept for a year on this device. */
export function ThemeChoice() {
    const [theme, setTheme] = useState<Theme>(useShared().theme);
    const choose = (chosen: Theme) => {
        setTheme(chosen);
        document.documentElement.dataset.theme = chosen;
        document.cookie = `moss_week_theme=${chosen}; path=/; max-age=31536000; samesite=lax`;
    };

    return (
        <label className="max-sm:hidden">
            <span className="sr-only">{text.theme.label}</span>
            <select
                value={theme}
                onChange={(event) => {
                    choose(event.target.value as Theme);
                }}
                className="min-h-6 bg-paper"
            >
                {themes.map((name) => (
                    <option key={name} value={name}>
                        {text.theme[name]}
                    </option>
                ))}
            </select>
        </label>
    );
}
