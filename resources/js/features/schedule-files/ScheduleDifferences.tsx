import { wholeDate } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { useShared } from '@/lib/shared';
import { officeText } from '@/lib/officeText';
import type { HoursFormat, ScheduleChangeProps, ScheduleDifferenceProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { SideScroll } from '@/ui/SideScroll';

const copy = officeText.schedulePage;

/** What is said of a part: a task, or somebody's work on one. */
function nameOf({ who, taskName, role }: ScheduleDifferenceProps): string {
    return who === null ? taskName : copy.onTask(who, taskName, role);
}

function printed({ column, before, after }: ScheduleChangeProps, format: HoursFormat): string {
    const value = (text: string) => {
        if (text === '') {
            return '';
        }

        return column === 'planned'
            ? hoursWithUnit(Number(text), format)
            : /^\d{4}-\d\d-\d\d$/.test(text)
              ? wholeDate(text)
              : text;
    };

    return copy.changed(copy.columns[column] ?? column, value(before), value(after));
}

interface ScheduleDifferencesProps {
    differences: ScheduleDifferenceProps[];
    chosen: ReadonlySet<string>;
    onChoose: (keys: string[], isChosen: boolean) => void;
}

/** What a file says otherwise, each of which can be chosen unless it was recorded on. */
export function ScheduleDifferences({ differences, chosen, onChoose }: ScheduleDifferencesProps) {
    const format = useShared().signedIn?.hoursFormat ?? 'decimal';
    const free = differences.filter((one) => one.conflict !== 'recorded').map((one) => one.key);

    return (
        <SideScroll labelledBy="sent">
            <table className="mt-2 w-full min-w-[44rem]">
                <thead>
                    <tr className="text-faded">
                        <th scope="col" className="w-9 border-b border-edge">
                            <Checkbox
                                label={copy.chooseAll}
                                hidesLabel
                                checked={free.length > 0 && free.every((key) => chosen.has(key))}
                                onChange={(isChosen) => {
                                    onChoose(free, isChosen);
                                }}
                            />
                        </th>
                        {[copy.what, copy.outcome, copy.changes, copy.conflict].map((head) => (
                            <th key={head} scope="col" className="border-b border-edge pe-4">
                                {head}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {differences.map((one) => (
                        <tr key={one.key}>
                            <td className="border-b border-rule align-top">
                                <Checkbox
                                    label={copy.choose(nameOf(one))}
                                    hidesLabel
                                    disabled={one.conflict === 'recorded'}
                                    checked={chosen.has(one.key)}
                                    onChange={(isChosen) => {
                                        onChoose([one.key], isChosen);
                                    }}
                                />
                            </td>
                            <th
                                scope="row"
                                className={`border-b border-rule py-1 pe-4 align-top [overflow-wrap:anywhere] ${one.who === null ? '' : 'font-normal'}`}
                            >
                                {nameOf(one)}
                            </th>
                            <td className="border-b border-rule py-1 pe-4 align-top">{copy.outcomes[one.outcome]}</td>
                            <td className="border-b border-rule py-1 pe-4 align-top">
                                {one.changes.map((change) => printed(change, format)).join('; ')}
                            </td>
                            <td className="border-b border-rule py-1 align-top text-ochre">
                                {one.conflict !== null && copy.conflicts[one.conflict]}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </SideScroll>
    );
}
