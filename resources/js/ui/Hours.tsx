import { printHours, signedHours } from '@/lib/hours';
import { decimalSeparator } from '@/lib/numbers';
import type { HoursFormat } from '@/types/generated/props';
import clsx from 'clsx';

/** The room that a printed figure leaves free behind it, so that figures below each other meet at the decimal. */
export function decimalRoom(printed: string): string {
    const places = printed.includes(':') ? 2 : (printed.split(decimalSeparator)[1] ?? '').length;

    return places === 0 ? 'pe-[2.5ch]' : places === 1 ? 'pe-[1ch]' : '';
}

interface HoursProps {
    minutes: number;
    format: HoursFormat;
    signed?: boolean;
    /** For the figure alone, not the room behind it. */
    className?: string;
}

/** A figure of hours in a column. */
export function Hours({ minutes, format, signed = false, className }: HoursProps) {
    const printed = signed ? signedHours(minutes, format) : printHours(minutes, format);

    return (
        <span className={clsx('whitespace-nowrap', decimalRoom(printed))}>
            <span className={className}>{printed}</span>
        </span>
    );
}
