import { officeText } from '@/lib/officeText';
import type { ExpenseProps, ExpensesProps } from '@/types/generated/props';
import { Select } from '@/ui/Select';

const copy = officeText.expensesPage;

interface TaskSelectProps {
    page: ExpensesProps;
    /** Whose task is offered too, though it may no longer be open. */
    expense?: ExpenseProps | undefined;
    value: string;
    onChoose: (task: string) => void;
}

/** The tasks that an expense may be on. */
export function TaskSelect({ page, expense, value, onChoose }: TaskSelectProps) {
    const options = page.tasks.map(({ id, name, project }) => [String(id), `${project} · ${name}`] as const);
    const kept =
        expense === undefined || page.tasks.some(({ id }) => id === expense.task)
            ? []
            : [[String(expense.task), `${expense.projectName} · ${expense.taskName}`] as const];

    return (
        <Select
            label={copy.task}
            className="min-w-56"
            value={value}
            options={[...(value === '' ? [['', copy.noTask] as const] : []), ...kept, ...options]}
            onChoose={onChoose}
        />
    );
}
