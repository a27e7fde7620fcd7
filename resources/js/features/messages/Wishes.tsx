import { text } from '@/lib/text';
import type { MessageKind, MessagesProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';

const hours = Array.from({ length: 24 }, (_, hour) => hour);

/** Which messages come in the application and by mail, and at which hours; saved as it is changed. */
export function Wishes({ messages }: { messages: MessagesProps }) {
    const words = text.messagesPage;
    const { wishes, hour, nudgeHour } = messages;
    const without = (how: 'inApp' | 'byMail', kind?: MessageKind) =>
        wishes.filter((wish) => (wish.kind === kind ? wish[how] : !wish[how])).map((wish) => wish.kind);
    const save = (changed: object) => {
        router.put(
            '/messages/wishes',
            { notInApp: without('inApp'), notByMail: without('byMail'), hour, nudgeHour, ...changed },
            { preserveScroll: true, preserveState: true },
        );
    };

    return (
        <section aria-labelledby="wishes">
            <h2 id="wishes">{words.wishes}</h2>
            <table className="w-full">
                <thead>
                    <tr className="text-faded">
                        <th scope="col">{words.what}</th>
                        <th scope="col" className="w-16 text-center">
                            {words.here}
                        </th>
                        <th scope="col" className="w-16 text-center">
                            {words.byMail}
                        </th>
                    </tr>
                </thead>
                <tbody>
                    {wishes.map((wish) => (
                        <tr key={wish.kind} className="h-8 border-t border-rule">
                            <th scope="row">{words.kinds[wish.kind]}</th>
                            {(['inApp', 'byMail'] as const).map((how) => (
                                <td key={how} className="text-center">
                                    <input
                                        type="checkbox"
                                        className="size-4 align-middle accent-moss"
                                        aria-label={words.wish(words.kinds[wish.kind], how)}
                                        checked={wish[how]}
                                        onChange={() => {
                                            save({ [how === 'inApp' ? 'notInApp' : 'notByMail']: without(how, wish.kind) });
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
                        ['hour', words.morning, hour],
                        ['nudgeHour', words.evening, nudgeHour],
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
            <p className="pencilled">{words.explained}</p>
        </section>
    );
}
