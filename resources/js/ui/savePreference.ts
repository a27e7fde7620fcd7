import { route } from '@/lib/route';
import { router } from '@inertiajs/react';

type Preference = Record<string, string | null>;

/** Saves how the reader has things shown. What sentences and formats are made of is read once, so another of those loads the page anew. */
export function savePreference(preference: Preference, loadsAnew = false): void {
    router.patch(route('preferences'), preference, {
        preserveScroll: true,
        preserveState: true,
        onSuccess: () => {
            if (loadsAnew) {
                window.location.reload();
            }
        },
    });
}
