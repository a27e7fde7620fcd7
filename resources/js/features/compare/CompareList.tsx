import { text } from '@/lib/text';
import type { ComparedGroupProps, ComparisonProps, HoursFormat } from '@/types/generated/props';
import type { Question } from './compareAddress';
import { CompareItem } from './CompareItem';
import { fullName } from './groupName';

const copy = text.comparePage;

interface CompareListProps {
    comparison: ComparisonProps;
    asked: Question;
    format: HoursFormat;
}

/** The comparison for a narrow screen: a line for each group with actual and variance; the rest opens below it. */
export function CompareList({ comparison, asked, format }: CompareListProps) {
    const whole: ComparedGroupProps = {
        code: '',
        name: copy.total,
        row: comparison.total,
        parts: [],
        moreParts: 0,
        periods: comparison.totals,
    };

    return (
        <div>
            <p className="flex justify-end gap-3 border-b border-edge text-faded">
                <span className="w-20 text-end">{copy.measures.actual}</span>
                <span className="w-24 text-end">{copy.measures.difference}</span>
            </p>
            <ul>
                {comparison.groups.map((group) => (
                    <li key={group.code}>
                        <CompareItem
                            group={group}
                            name={fullName(comparison.by, group.code, group.name)}
                            comparison={comparison}
                            asked={asked}
                            format={format}
                        />
                    </li>
                ))}
                <li className="font-semibold">
                    <CompareItem group={whole} name={copy.total} comparison={comparison} asked={asked} format={format} />
                </li>
            </ul>
        </div>
    );
}
