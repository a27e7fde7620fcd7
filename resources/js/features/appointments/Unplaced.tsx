import { shortDay } from '@/lib/days';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { PlaceProps, UnplacedAppointmentProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { Select } from '@/ui/Select';
import { router } from '@inertiajs/react';

const copy = text.appointments;

function clock(minute: number): string {
    return `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
}

/** Appointments for which no task could be guessed, each with the tasks that it can be put on. */
export function Unplaced({ appointments, tasks }: { appointments: UnplacedAppointmentProps[]; tasks: PlaceProps[] }) {
    return (
        <section aria-labelledby="unplaced">
            <h2 id="unplaced">{copy.unplaced}</h2>
            <FieldError of={['task']} />
            {appointments.length === 0 && <p className="text-faded">{copy.noneUnplaced}</p>}
            <ul>
                {appointments.map(({ id, title, date, starts, ends }) => {
                    const name = title === '' ? copy.busy : title;
                    const leaveOut = (forGood: boolean) => (
                        <button
                            type="button"
                            className="act-quiet"
                            aria-label={copy.of(forGood ? copy.leaveOutForGood : copy.leaveOut, `${name}, ${shortDay(date)}`)}
                            onClick={() => {
                                router.put(
                                    route('appointments.leave-out', { appointment: id }),
                                    { forGood },
                                    { preserveScroll: true },
                                );
                            }}
                        >
                            {forGood ? copy.leaveOutForGood : copy.leaveOut}
                        </button>
                    );

                    return (
                        <li
                            key={id}
                            className="grid items-baseline gap-x-5 gap-y-1 border-b border-rule py-2 md:grid-cols-[13rem_minmax(0,1fr)_16rem]"
                        >
                            <span className="text-faded">
                                {shortDay(date)}
                                {starts === null || ends === null ? `, ${copy.wholeDay}` : `, ${clock(starts)}–${clock(ends)}`}
                            </span>
                            <span className="pencilled [overflow-wrap:anywhere] text-ink">{name}</span>
                            {starts !== null && (
                                <Select
                                    label={copy.of(copy.task, name)}
                                    hidesLabel
                                    value=""
                                    options={[['', copy.choose], ...tasks.map(({ line, name: task }) => [line, task] as const)]}
                                    onChoose={(task) => {
                                        if (task !== '') {
                                            router.put(
                                                route('appointments.place', { appointment: id }),
                                                { task: Number(task) },
                                                { preserveScroll: true },
                                            );
                                        }
                                    }}
                                />
                            )}
                            <span className="flex flex-wrap gap-x-4 md:col-start-2">
                                {leaveOut(false)}
                                {leaveOut(true)}
                            </span>
                        </li>
                    );
                })}
            </ul>
        </section>
    );
}
