import type { DoneProps, HoursFormat, SignedInProps } from '@/types/generated/props';
import { usePage } from '@inertiajs/react';

interface Shared {
    [key: string]: unknown;
    theme: Theme;
    /** The day it is where the reader is. */
    today: string;
    signedIn: SignedInProps | null;
    /** What was just done. */
    done: DoneProps | null;
    refusal: string | null;
}

export type Theme = 'light' | 'dark' | 'system';

/** What every page is given. */
export function useShared(): Shared {
    return usePage<Shared>().props;
}

/** How the person reads hours. */
export function useHoursFormat(): HoursFormat {
    return useShared().signedIn?.hoursFormat ?? 'decimal';
}
