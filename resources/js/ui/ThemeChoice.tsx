import { useShared, type Theme } from '@/lib/shared';
import { text } from '@/lib/text';
import { useState } from 'react';
import { ToggleGroup } from './ToggleGroup';

/** Light, dark, or as the system has it; stored for a year on this device. */
export function ThemeChoice() {
    const [theme, setTheme] = useState<Theme>(useShared().theme);
    const { system, light, dark, label } = text.theme;

    return (
        <ToggleGroup
            label={label}
            value={theme}
            names={{ system, light, dark }}
            onChoose={(chosen) => {
                setTheme(chosen);
                document.documentElement.dataset.theme = chosen;
                document.cookie = `moss_week_theme=${chosen}; path=/; max-age=31536000; samesite=lax`;
            }}
        />
    );
}
