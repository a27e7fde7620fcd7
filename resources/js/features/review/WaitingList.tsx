import { fullDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, WaitingLineProps, WaitingSheetProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { Foldout } from '@/ui/Foldout';
import { Hours } from '@/ui/Hours';
import clsx from 'clsx';
import { aboutLine } from './aboutLine';
import { minutesOf } from './taken';

interface WaitingListProps {
    sheet: WaitingSheetProps;
    taken: ReadonlySet<number>;
    onToggle: (ids: readonly number[]) => void;
    format: HoursFormat;
}

/** The waiting hours for a narrow screen: a line for each task with what it comes to; its days open below it. */
export function WaitingList({ sheet, taken, onToggle, format }: WaitingListProps) {
    return (
        <ul aria-label={text.reviewPage.gridOf(sheet.personName, sheet.number)} className="mt-1">
            {sheet.lines.map((line) => (
                <Line key={line.key} line={line} taken={taken} onToggle={onToggle} format={format} />
            ))}
            <li className="flex justify-between py-2 font-semibold">
                {text.reviewPage.total} <Hours minutes={sheet.minutes} format={format} />
            </li>
        </ul>
    );
}

function Line({ line, taken, onToggle, format }: Omit<WaitingListProps, 'sheet'> & { line: WaitingLineProps }) {
    const isTaken = line.cells.every(({ id }) => taken.has(id));
    const needsAttention = line.cells.some((cell) => cell.needsAttention);

    return (
        <li className={clsx('border-b border-rule', needsAttention && 'bg-ochre-wash')}>
            <Foldout
                className="py-1"
                lineClassName="py-1"
                contentClassName="pb-2 ps-8"
                before={
                    <Checkbox
                        hidesLabel
                        label={text.reviewPage.take(line.taskName)}
                        checked={isTaken}
                        onChange={() => {
                            onToggle(line.cells.map(({ id }) => id));
                        }}
                    />
                }
                line={
                    <>
                        <span className="min-w-0 grow [overflow-wrap:anywhere]">
                            <span className={clsx(!isTaken && 'text-faded')}>{line.taskName}</span>
                            <span className="block text-[0.88em] text-faded">{aboutLine(line)}</span>
                        </span>
                        <Hours minutes={minutesOf(line.cells)} format={format} />
                    </>
                }
            >
                {line.cells.map((cell) => (
                    <p key={cell.id} className="flex items-center justify-between gap-3">
                        <Checkbox
                            label={fullDay(cell.date)}
                            checked={taken.has(cell.id)}
                            onChange={() => {
                                onToggle([cell.id]);
                            }}
                        />
                        <span>
                            {cell.needsAttention && <span className="me-2 text-ochre">{text.reviewPage.needsAttention}</span>}
                            {hoursWithUnit(cell.minutes, format)}
                        </span>
                    </p>
                ))}
            </Foldout>
        </li>
    );
}
