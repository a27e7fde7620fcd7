import { shortDay } from '@/lib/days';
import type { MonthProps } from '@/types/generated/props';
import { cellKey, type TypedCells } from './typedCells';

/** What was typed and not saved, and why. */
export function MonthRefusals({ month, cells }: { month: MonthProps; cells: TypedCells }) {
    const refused = month.lines.flatMap((line) =>
        month.days.flatMap(({ date }) => {
            const cell = cells[cellKey(line.line, date)];

            return cell?.status === 'refused' ? [{ key: cellKey(line.line, date), line, date, message: cell.message }] : [];
        }),
    );

    return (
        <div role="alert" className="text-brick">
            {refused.map(({ key, line, date, message }) => (
                <p key={key} className="mt-2">
                    {line.taskName}, {shortDay(date)}: {message}
                </p>
            ))}
        </div>
    );
}
