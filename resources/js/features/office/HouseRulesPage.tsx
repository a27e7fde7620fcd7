import { wholeDate } from '@/lib/days';
import { hoursInWords } from '@/lib/hours';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { HoursFormat, HouseRulesProps, RuleProps, RuleSettingProps } from '@/types/generated/props';
import { Trouble } from '@/ui/Trouble';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { OfficeShell } from './OfficeShell';
import { RuleForm } from './RuleForm';

function limitOf({ limit, unit }: RuleProps, setting: RuleSettingProps, format: HoursFormat): string {
    if (limit === null || unit === null) {
        return '';
    }

    return `${limit} ${unit === 'minutes' ? hoursInWords(setting.limit, format) : text.officePage.rules.units[unit](setting.limit)}`;
}

/** Every rule, how it is set, for whom and from when. */
export function HouseRulesPage({ houseRules }: { houseRules: HouseRulesProps }) {
    const format = useHoursFormat();
    const [changing, change] = useState<string | null>(null);
    const words = text.officePage.rules;

    return (
        <OfficeShell title={words.name}>
            <h1>{words.title}</h1>
            <p className="mt-1 max-w-5xl text-faded">{words.explained}</p>
            <Trouble />
            <table className="mt-3 w-full max-w-5xl">
                <thead>
                    <tr className="text-faded">
                        <th scope="col">{words.rule}</th>
                        <th scope="col" className="w-28">
                            {words.level}
                        </th>
                        <th scope="col" className="w-52 max-sm:hidden">
                            {words.limit}
                        </th>
                        <th scope="col" className="w-60 max-sm:hidden">
                            {words.holds}
                        </th>
                        <td className="w-24" />
                    </tr>
                </thead>
                {houseRules.rules.map((rule) => (
                    <tbody key={rule.code} className="border-t border-rule align-baseline">
                        {rule.settings.map((setting, index) => (
                            <tr key={setting.id ?? 'usual'}>
                                <th scope="row" className="py-0.5 pe-2">
                                    {index === 0 ? rule.name : <span className="sr-only">{rule.name}</span>}
                                </th>
                                <td className={setting.level === 'off' ? 'text-faded' : undefined}>
                                    {words.levels[setting.level]}
                                </td>
                                <td className="max-sm:hidden">{setting.level === 'off' ? '' : limitOf(rule, setting, format)}</td>
                                <td className={setting.id === null ? 'pencilled max-sm:hidden' : 'max-sm:hidden'}>
                                    {setting.id === null
                                        ? words.usual
                                        : [
                                              setting.for ?? words.everybody,
                                              setting.from === null ? null : words.from(wholeDate(setting.from)),
                                          ]
                                              .filter((part) => part !== null)
                                              .join(', ')}
                                </td>
                                <td className="text-end">
                                    {setting.id === null ? (
                                        <button
                                            type="button"
                                            className="act-quiet"
                                            aria-expanded={changing === rule.code}
                                            aria-label={words.setRule(rule.name)}
                                            onClick={() => {
                                                change(changing === rule.code ? null : rule.code);
                                            }}
                                        >
                                            {words.set}
                                        </button>
                                    ) : (
                                        <button
                                            type="button"
                                            className="act-quiet"
                                            aria-label={words.takeAwayOf(rule.name, setting.for ?? words.everybody)}
                                            onClick={() => {
                                                router.delete(`/office/rules/${setting.id}`, { preserveScroll: true });
                                            }}
                                        >
                                            {words.takeAway}
                                        </button>
                                    )}
                                </td>
                            </tr>
                        ))}
                        {changing === rule.code && (
                            <tr>
                                <td colSpan={5} className="pb-2">
                                    <RuleForm
                                        rule={rule}
                                        houseRules={houseRules}
                                        format={format}
                                        onDone={() => {
                                            change(null);
                                        }}
                                    />
                                </td>
                            </tr>
                        )}
                    </tbody>
                ))}
            </table>
        </OfficeShell>
    );
}
