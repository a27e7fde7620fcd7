import { hoursWithUnit } from '@/lib/hours';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { HoursFormat, WeekProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';
import { ViewChoice } from './ViewChoice';
import { weekSentence } from './weekSentence';

interface SheetHeadingProps {
    sheet: WeekProps;
    entered: number;
    title: string;
    format: HoursFormat;
}

/** Which week it is, whose, and what it has come to. */
export function SheetHeading({ sheet, entered, title, format }: SheetHeadingProps) {
    return (
        <>
            <div>
                <h1>
                    {title}
                    {!sheet.isOwn && <span className="font-normal"> · {sheet.personName}</span>}
                </h1>
                <p>
                    {sheet.isWhole
                        ? weekSentence(entered, sheet.expected, format)
                        : text.week.partSum(hoursWithUnit(entered, format))}
                    {sheet.isOwn && (
                        <>
                            <Link
                                href={route('month', { days: (sheet.days[3]?.date ?? '').slice(0, 7) })}
                                className="act-quiet no-print ms-3"
                            >
                                {text.myMonth}
                            </Link>
                            <Link href={route('my-figures')} className="act-quiet no-print ms-3">
                                {text.myFigures.title}
                            </Link>
                        </>
                    )}
                    <ViewChoice sheet={sheet} />
                </p>
            </div>
            {!sheet.isWhole && <p className="mt-1 text-faded">{text.week.partOnly(sheet.personName)}</p>}
            {!sheet.isOwn && sheet.mayRecord && (
                <p className="mt-1 border-s-2 border-ochre ps-2 text-ochre">
                    {text.week.recordingFor(sheet.personName)}{' '}
                    {sheet.maySubmit ? text.week.maySubmitFor : text.week.ownerSubmits(sheet.personName)}
                </p>
            )}
        </>
    );
}
