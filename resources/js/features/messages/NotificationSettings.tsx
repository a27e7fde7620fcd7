import { text } from '@/lib/text';
import type { MessageKind, MessagesProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';

const hours = Array.from({ length: 24 }, (_, hour) => hour);

/** Which messages come in the application and by mail, and at which hours; saved as it is changed. */
export function NotificationSettings({ messages }: { messages: MessagesProps }) {
    const copy = text.messagesPage;
    const { settings, hour, dayReminderHour } = messages;
    const without = (how: 'inApp' | 'byMail', kind?: MessageKind) =>
        settings.filter((setting) => (setting.kind === kind ? setting[how] : !setting[how])).map((setting) => setting.kind);
    const save = (changed: object) => {
        router.put(
            '/messages/notifications',
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
                                    <input
                                        type="checkbox"
                                        className="size-4 align-middle accent-moss"
                                        aria-label={copy.setting(copy.kinds[setting.kind], how)}
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
            <p className="mt-2 flex flex-wrap gap-x-4 gap-y-1">
                {(
                    [
                        ['hour', copy.morning, hour],
                        ['dayReminderHour', copy.evening, dayReminderHour],
                    ] as const
                ).map(([name, label, chosen]) => (
                    <label key={name} className="flex items-baseline gap-2">
                        {label}
                        <select
                            value={chosen}
                            className="min-h-7 border-b border-edge bg-sheet"
                            onChange={(event) => {
                                save({ [name]: Number(event.target.value) });
                            }}
                        >
                            {hours.map((one) => (
                                <option key={one} value={one}>
                                    {String(one).padStart(2, '0')}:00
                                </option>
                            ))}
                        </select>
                    </label>
                ))}
            </p>
            <p className="pencilled">{copy.explained}</p>
        </section>
    );
}
