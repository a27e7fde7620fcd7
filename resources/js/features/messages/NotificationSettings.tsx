import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { MessageKind, MessagesProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { Select } from '@/ui/Select';
import { Checkbox } from '@/ui/Checkbox';

const hours = Array.from({ length: 24 }, (_, hour) => [String(hour), `${String(hour).padStart(2, '0')}:00`] as const);

/** Which messages come in the application and by mail, and at which hours; saved as it is changed. */
export function NotificationSettings({ messages }: { messages: MessagesProps }) {
    const copy = officeText.messagesPage;
    const { settings, hour, dayReminderHour } = messages;
    const without = (how: 'inApp' | 'byMail', kind?: MessageKind) =>
        settings.filter((setting) => (setting.kind === kind ? setting[how] : !setting[how])).map((setting) => setting.kind);
    const save = (changed: object) => {
        router.put(
            route('messages.notifications'),
            { notInApp: without('inApp'), notByMail: without('byMail'), hour, dayReminderHour, ...changed },
            { preserveScroll: true, preserveState: true },
        );
    };

    return (
        <section aria-labelledby="notifications">
            <h2 id="notifications">{copy.settings}</h2>
            <table className="w-full">
                <thead>
                    <tr className="text-faded">
                        <th scope="col">{copy.what}</th>
                        <th scope="col" className="w-16 text-center">
                            {copy.here}
                        </th>
                        <th scope="col" className="w-16 text-center">
                            {copy.byMail}
                        </th>
                    </tr>
                </thead>
                <tbody>
                    {settings.map((setting) => (
                        <tr key={setting.kind} className="h-8 border-t border-rule">
                            <th scope="row">{copy.kinds[setting.kind]}</th>
                            {(['inApp', 'byMail'] as const).map((how) => (
                                <td key={how} className="text-center">
                                    <Checkbox
                                        hidesLabel
                                        label={copy.setting(copy.kinds[setting.kind], how)}
                                        checked={setting[how]}
                                        onChange={() => {
                                            save({ [how === 'inApp' ? 'notInApp' : 'notByMail']: without(how, setting.kind) });
                                        }}
                                    />
                                </td>
                            ))}
                        </tr>
                    ))}
                </tbody>
            </table>
            <div className="mt-2 flex flex-wrap gap-x-4 gap-y-1">
                {(
                    [
                        ['hour', copy.morning, hour],
                        ['dayReminderHour', copy.evening, dayReminderHour],
                    ] as const
                ).map(([name, label, chosen]) => (
                    <Select
                        key={name}
                        label={label}
                        value={String(chosen)}
                        options={hours}
                        onChoose={(hour) => {
                            save({ [name]: Number(hour) });
                        }}
                    />
                ))}
            </div>
            <p className="pencilled">{copy.explained}</p>
        </section>
    );
}
