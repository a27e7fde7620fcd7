import { hoursWithUnit, typedHours } from '@/lib/hours';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { HoursFormat, MyTaskProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { Field } from '@/ui/Field';
import { useForm } from '@inertiajs/react';
import { useId, useState } from 'react';

const copy = text.tasks;

/** What is said of a task, until it is saved. */
function useWork({ task, role }: MyTaskProps) {
    return useForm({ task, role, line: '', remaining: '', done: false, reason: '' });
}

/** One line that records on a task; opened, also what remains and whether it is done, all in one step. */
export function WorkForm({ task, format }: { task: MyTaskProps; format: HoursFormat }) {
    const id = useId();
    const [isOpen, setOpen] = useState(false);
    const form = useWork(task);
    const errors = [...new Set(Object.values(form.errors))];

    return (
        <form
            aria-label={copy.form(task.taskName)}
            onSubmit={(event) => {
                event.preventDefault();
                form.post(route('tasks.record'), {
                    preserveScroll: true,
                    preserveState: true,
                    onSuccess: () => {
                        form.reset();
                        setOpen(false);
                    },
                });
            }}
        >
            <div className="flex flex-wrap items-baseline gap-x-3 gap-y-1">
                <input
                    aria-label={copy.line(task.taskName)}
                    aria-describedby={errors.length > 0 ? `${id}-errors` : undefined}
                    placeholder={copy.example}
                    value={form.data.line}
                    maxLength={2000}
                    autoComplete="off"
                    className="min-h-9 min-w-40 flex-1 border-b border-edge bg-sheet px-2 placeholder:text-pencil placeholder:italic"
                    onChange={(event) => {
                        form.setData('line', event.currentTarget.value);
                    }}
                />
                {(form.data.line !== '' || isOpen) && (
                    <button type="submit" className="act" disabled={form.processing}>
                        {copy.save}
                    </button>
                )}
                {task.remaining !== null && (
                    <button
                        type="button"
                        className="act-quiet"
                        aria-expanded={isOpen}
                        aria-label={copy.of(copy.estimate, task.taskName)}
                        onClick={() => {
                            setOpen(!isOpen);
                        }}
                    >
                        {copy.estimate}
                    </button>
                )}
            </div>
            {isOpen && <EstimateFields task={task} format={format} form={form} />}
            {errors.length > 0 && (
                <p id={`${id}-errors`} role="alert" className="text-brick">
                    {errors.join(' ')}
                </p>
            )}
        </form>
    );
}

interface EstimateFieldsProps {
    task: MyTaskProps;
    format: HoursFormat;
    form: ReturnType<typeof useWork>;
}

/** What remains of the task, or that it is done. */
function EstimateFields({ task, format, form }: EstimateFieldsProps) {
    const remaining = task.remaining ?? 0;

    return (
        <div className="mt-1 flex flex-wrap items-baseline-last gap-x-5 gap-y-1">
            <Field
                label={copy.remaining}
                value={form.data.remaining}
                maxLength={50}
                disabled={form.data.done}
                placeholder={typedHours(remaining, format)}
                className="w-28 placeholder:text-pencil placeholder:italic"
                onChange={(event) => {
                    form.setData('remaining', event.currentTarget.value);
                }}
            />
            <Field
                label={copy.reason}
                value={form.data.reason}
                maxLength={1000}
                className="w-64 max-w-full"
                onChange={(event) => {
                    form.setData('reason', event.currentTarget.value);
                }}
            />
            <Checkbox
                label={copy.done}
                checked={form.data.done}
                onChange={(done) => {
                    form.setData('done', done);
                }}
            />
            <p className="pencilled basis-full">{copy.remainingHint(hoursWithUnit(remaining, format))}</p>
        </div>
    );
}
