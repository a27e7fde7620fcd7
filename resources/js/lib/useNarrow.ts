import { useSyncExternalStore } from 'react';

// Paper is narrow too, but shows all days.
const query = 'screen and (max-width: 767px)';

/** Whether the page is so narrow that a week is shown a day at a time. */
export function useNarrow(): boolean {
    return useSyncExternalStore(
        (onChange) => {
            const media = window.matchMedia(query);
            media.addEventListener('change', onChange);

            return () => {
                media.removeEventListener('change', onChange);
            };
        },
        () => window.matchMedia(query).matches,
        () => false,
    );
}
