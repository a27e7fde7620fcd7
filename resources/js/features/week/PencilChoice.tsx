import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { LastWeekPencil, PencilProps } from '@/types/generated/props';
import { RadioGroup } from '@/ui/RadioGroup';
import { Switch } from '@/ui/Switch';
import { AttentionItem } from '@/ui/Margin';
import { Link, router } from '@inertiajs/react';

const lastWeek: LastWeekPencil[] = ['off', 'lines', 'hours'];

function prefer(preference: Record<string, string | boolean>) {
    router.patch(route('preferences'), preference, { preserveScroll: true, preserveState: true });
}

/** Where pencilled hours may come from, as the person wants it. */
export function PencilChoice({ pencil }: { pencil: PencilProps }) {
    return (
        <AttentionItem title={text.week.pencilFrom.title}>
            <div className="flex flex-col gap-0.5">
                {(
                    [
                        ['pencilPlan', text.week.pencilFrom.plan, pencil.plan],
                        ['pencilUsualWeek', text.week.pencilFrom.usualWeek, pencil.usualWeek],
                        ...(pencil.trackedTime === null
                            ? []
                            : [['pencilsTrackedTime', text.week.pencilFrom.trackedTime, pencil.trackedTime] as const]),
                    ] as const
                ).map(([name, label, isOn]) => (
                    <Switch
                        key={name}
                        label={label}
                        isOn={isOn}
                        onTurn={(turned) => {
                            prefer({ [name]: turned });
                        }}
                    />
                ))}
                <Link className="act-quiet self-start" href={route('appointments')}>
                    {text.appointments.title}
                </Link>
                <RadioGroup
                    label={text.week.pencilFrom.lastWeek}
                    value={pencil.lastWeek}
                    options={lastWeek.map((choice) => [choice, text.week.pencilFrom.lastWeekChoices[choice]] as const)}
                    onChoose={(pencilLastWeek) => {
                        prefer({ pencilLastWeek });
                    }}
                />
            </div>
        </AttentionItem>
    );
}
