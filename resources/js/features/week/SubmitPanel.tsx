import { shortDay } from '@/lib/days';
import { hoursInWords } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, TotalsProps, WeekProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { useEffect, useRef, useState } from 'react';

interface SubmitPanelProps {
    sheet: WeekProps;
    totals: TotalsProps;
    format: HoursFormat;
    /** Typed values that the server does not have; with any, nothing can be submitted. */
    unsaved: number;
    isSaving: boolean;
    onClose: () => void;
}

/** Sums the week up in the margin and asks once before it goes. */
export function SubmitPanel({ sheet, totals, format, unsaved, isSaving, onClose }: SubmitPanelProps) {
    const yes = useRef<HTMLButtonElement>(null);
    const no = useRef<HTMLButtonElement>(null);
    const [going, setGoing] = useState(false);
    const open = (totals.states.draft ?? 0) + (totals.states.returned ?? 0);
    const already = totals.week - open;
    const hours = (minutes: number) => hoursInWords(minutes, format);
    const projects = [...new Map(sheet.lines.map((line) => [line.projectCode, line.projectName]))].filter(
        ([code]) => (totals.projects[code] ?? 0) !== 0,
    );
    const short = sheet.days.filter((day, index) => (totals.days[index] ?? 0) < day.owed);

    useEffect(() => {
        const first = yes.current === null || yes.current.disabled ? no.current : yes.current;
        first?.focus();
    }, []);

    return (
        <section
            aria-labelledby="submit-title"
            onKeyDown={(event) => {
                if (event.key === 'Escape') {
                    onClose();
                }
            }}
        >
            <h2 id="submit-title">{text.week.confirm.title(sheet.number)}</h2>
            <p className="mt-1">
                {open === 0 ? text.week.confirm.nothing : text.week.confirm.sum(hours(totals.week), hours(sheet.owed))}
            </p>
            {already > 0 && open > 0 && <p className="text-faded">{text.week.confirm.already(hours(already))}</p>}
            <table className="mt-2 w-full">
                <tbody>
                    {projects.map(([code, name]) => (
                        <tr key={code} className="border-t border-rule align-baseline">
                            <th scope="row" className="py-0.5 pe-2">
                                {name}
                            </th>
                            <td className="text-end whitespace-nowrap">{hours(totals.projects[code] ?? 0)}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            {short.length > 0 && (
                <div className="mt-2 text-ochre">
                    <h3>{text.week.confirm.shortTitle}</h3>
                    <ul>
                        {short.map((day) => (
                            <li key={day.date}>
                                {text.week.confirm.dayShort(
                                    shortDay(day.date),
                                    hours(day.owed - (totals.days[sheet.days.indexOf(day)] ?? 0)),
                                )}
                            </li>
                        ))}
                    </ul>
                </div>
            )}
            {unsaved > 0 && <p className="mt-2 border-s-2 border-brick ps-2 text-brick">{text.week.unsaved(unsaved)}</p>}
            <div className="mt-3 flex flex-wrap gap-2">
                {open > 0 && (
                    <button
                        ref={yes}
                        type="button"
                        disabled={going || isSaving || unsaved > 0}
                        className="act act-main"
                        onClick={() => {
                            setGoing(true);
                            router.post(
                                `${sheet.address}/submission`,
                                {},
                                { preserveScroll: true, preserveState: true, onFinish: onClose },
                            );
                        }}
                    >
                        {text.week.confirm.yes(hours(open))}
                    </button>
                )}
                <button ref={no} type="button" className="act" onClick={onClose}>
                    {text.week.confirm.no}
                </button>
            </div>
        </section>
    );
}
