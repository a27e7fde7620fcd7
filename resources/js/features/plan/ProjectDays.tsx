import { text } from '@/lib/text';
import { DateField } from '@/ui/DateField';

interface ProjectDaysProps {
    startsOn: string;
    endsOn: string;
    onPick: (name: 'startsOn' | 'endsOn', day: string) => void;
}

/** The first and the last day of a project. */
export function ProjectDays({ onPick, ...days }: ProjectDaysProps) {
    return (['startsOn', 'endsOn'] as const).map((name) => (
        <DateField
            key={name}
            label={text.plan.columns[name] ?? ''}
            defaultValue={days[name]}
            onPick={(day) => {
                onPick(name, day);
            }}
        />
    ));
}
