import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';
import { Link } from '@inertiajs/react';
import { compareAddress, type Opened, type Question } from './compareAddress';

interface FigureLinkProps {
    minutes: number;
    /** Of whom or what it is. */
    name: string;
    asked: Question;
    opened: Opened;
    format: HoursFormat;
}

/** A figure that opens to what it is made of. */
export function FigureLink({ minutes, name, asked, opened, format }: FigureLinkProps) {
    const copy = text.comparePage;

    return (
        <Link
            href={compareAddress(asked, opened)}
            preserveScroll
            preserveState
            aria-label={copy.opens(copy.figures[opened.figure], hoursWithUnit(minutes, format), name)}
            className="inline-block min-h-6 min-w-6 underline-offset-4 hover:underline"
        >
            <Hours minutes={minutes} format={format} />
        </Link>
    );
}
