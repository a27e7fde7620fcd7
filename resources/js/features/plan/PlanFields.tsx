import { wholeDate } from '@/lib/days';
import { text } from '@/lib/text';
import type { HoursFormat } from '@/types/generated/props';
import { changesOf, isOpen, textOf, type Field, type PlanRow } from './planRows';
import type { PlanActs } from './usePlan';

interface PlanFieldsProps {
    row: PlanRow;
    acts: PlanActs;
    format: HoursFormat;
}

const fields: Field[] = ['planned', 'startsOn', 'endsOn'];

/** The hours and days of a task, or of somebody on it; saved as one leaves a field. */
export function PlanFields({ row, acts, format }: PlanFieldsProps) {
    return (
        <div className="grid grid-cols-3 gap-x-3">
            {fields.map((field) => {
                const own = textOf(row, field, format);
                // Days are read as people type them.
                const shown = own !== '' && field !== 'planned' ? wholeDate(own) : own;
                const fault = acts.faults[`${row.key}.${field}`];
                const label = text.plan.columns[field] ?? field;

                return acts.plan.mayPlan && isOpen(row, field) ? (
                    <label key={field} className="flex flex-col gap-0.5">
                        <span className="text-faded">{label}</span>
                        <input
                            // What the server says replaces what was typed.
                            key={own}
                            defaultValue={shown}
                            inputMode={field === 'planned' ? 'decimal' : 'text'}
                            maxLength={40}
                            aria-invalid={fault !== undefined}
                            className="min-h-9 w-full border-b border-edge bg-sheet px-1"
                            onBlur={(event) => {
                                const typed = event.target.value.trim();
                                if (typed !== shown) {
                                    void acts.change(...changesOf(row, field, typed, own));
                                }
                            }}
                        />
                        {fault !== undefined && <span className="text-brick">{fault}</span>}
                    </label>
                ) : (
                    <p key={field}>
                        <span className="block text-faded">{label}</span>
                        {shown}
                    </p>
                );
            })}
        </div>
    );
}
