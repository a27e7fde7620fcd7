import { text } from '@/lib/text';
import type { HoursFormat, MeasureValueProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';
import { compareAddress, type Opened, type Question } from './compareAddress';
import { measureText, MeasureValue } from './MeasureValue';

interface FigureLinkProps {
    value: MeasureValueProps;
    /** Of whom or what it is. */
    name: string;
    asked: Question;
    place: Omit<Opened, 'figure'>;
    currency: string;
    format: HoursFormat;
}

/** A figure that opens to what it is made of. */
export function FigureLink({ value, name, asked, place, currency, format }: FigureLinkProps) {
    const copy = text.comparePage;

    return (
        <Link
            href={compareAddress(asked, { figure: value.measure, ...place })}
            preserveScroll
            preserveState
            aria-label={copy.opens(copy.measures[value.measure], measureText(value, currency, format), name)}
            className="inline-flex min-h-6 min-w-6 flex-col items-end underline-offset-4 hover:underline"
        >
            <MeasureValue value={value} format={format} />
        </Link>
    );
}
