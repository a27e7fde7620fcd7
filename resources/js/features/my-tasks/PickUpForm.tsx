import { typedHours } from '@/lib/hours';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { HoursFormat, MyTaskProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { useForm } from '@inertiajs/react';

const copy = text.tasks;

/** How much of a team's task is taken over. */
export function PickUpForm({ task, format, onClose }: { task: MyTaskProps; format: HoursFormat; onClose: () => void }) {
    const form = useForm({ hours: typedHours(task.remaining ?? 0, format) });
    const errors = [...new Set(Object.values(form.errors))];

    return (
        <form
            aria-label={copy.of(copy.pickUp, task.taskName)}
            className="mt-1 flex flex-wrap items-baseline-last gap-x-4 gap-y-2 border-s-2 border-moss ps-3"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(route('tasks.pick-up', { task: task.task }), { preserveScroll: true, onSuccess: onClose });
            }}
        >
            <p className="pencilled basis-full">{copy.pickUpHint(task.team ?? '')}</p>
            <Field
                autoFocus
                label={copy.hours}
                value={form.data.hours}
                maxLength={50}
                className="w-28"
                onChange={(event) => {
                    form.setData('hours', event.currentTarget.value);
                }}
            />
            <button type="submit" className="act" disabled={form.processing}>
                {copy.pickUp}
            </button>
            <button type="button" className="act-quiet" onClick={onClose}>
                {copy.cancel}
            </button>
            {errors.length > 0 && (
                <p role="alert" className="basis-full text-brick">
                    {errors.join(' ')}
                </p>
            )}
        </form>
    );
}
