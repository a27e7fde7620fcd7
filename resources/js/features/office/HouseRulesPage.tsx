import { route } from '@/lib/route';
import { wholeDate } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { useHoursFormat } from '@/lib/shared';
import { officeText } from '@/lib/officeText';
import type { HoursFormat, HouseRulesProps, RuleProps, RuleSettingProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { OfficeShell } from './OfficeShell';
import { RuleForm } from './RuleForm';

function limitOf({ limit, unit }: RuleProps, setting: RuleSettingProps, format: HoursFormat): string {
    if (limit === null || unit === null) {
        return '';
    }

    return `${limit} ${unit === 'minutes' ? hoursWithUnit(setting.limit, format) : officeText.officePage.rules.units[unit](setting.limit)}`;
}

/** Every rule, how it is set, for whom and from when. */
export function HouseRulesPage({ houseRules }: { houseRules: HouseRulesProps }) {
    const format = useHoursFormat();
    const [changing, change] = useState<string | null>(null);
    const copy = officeText.officePage.rules;

    return (
        <OfficeShell title={copy.name} finding={copy.finding}>
            <p className="mt-1 max-w-5xl text-faded">{copy.explained}</p>
            <FieldError />
            <table className="sticky-head mt-3 w-full">
                <thead>
                    <tr className="text-faded">
                        <th scope="col">{copy.rule}</th>
                        <th scope="col" className="w-48">
                            {copy.severity}
                        </th>
                        <th scope="col" className="w-52 max-sm:hidden">
                            {copy.limit}
                        </th>
                        <th scope="col" className="w-[26rem] max-sm:hidden">
                            {copy.holds}
                        </th>
                        <td className="w-24" />
                    </tr>
                </thead>
                {houseRules.rules.map((rule) => (
                    <tbody key={rule.code} className="border-t border-rule align-baseline">
                        {rule.settings.map((setting, index) => (
                            <SettingRow
                                key={setting.id ?? 'usual'}
                                rule={rule}
                                setting={setting}
                                isFirst={index === 0}
                                isChanging={changing === rule.code}
                                onChange={() => {
                                    change(changing === rule.code ? null : rule.code);
                                }}
                            />
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

interface SettingRowProps {
    rule: RuleProps;
    setting: RuleSettingProps;
    /** Whether the name of the rule stands here. */
    isFirst: boolean;
    isChanging: boolean;
    onChange: () => void;
}

/** How a rule is set, for whom and from when. */
function SettingRow({ rule, setting, isFirst, isChanging, onChange }: SettingRowProps) {
    const { id } = setting;
    const format = useHoursFormat();
    const copy = officeText.officePage.rules;

    return (
        <tr>
            <th scope="row" className="py-0.5 pe-2">
                {isFirst ? rule.name : <span className="sr-only">{rule.name}</span>}
            </th>
            <td className={setting.severity === 'off' ? 'text-faded' : undefined}>{copy.severities[setting.severity]}</td>
            <td className="max-sm:hidden">{setting.severity === 'off' ? '' : limitOf(rule, setting, format)}</td>
            <td className={id === null ? 'pencilled max-sm:hidden' : 'max-sm:hidden'}>
                {id === null
                    ? copy.usual
                    : [setting.for ?? copy.everybody, setting.from === null ? null : copy.from(wholeDate(setting.from))]
                          .filter((part) => part !== null)
                          .join(', ')}
            </td>
            <td className="text-end">
                {id === null ? (
                    <button
                        type="button"
                        className="act-quiet"
                        aria-expanded={isChanging}
                        aria-label={copy.setRule(rule.name)}
                        onClick={onChange}
                    >
                        {copy.set}
                    </button>
                ) : (
                    <button
                        type="button"
                        className="act-quiet"
                        aria-label={copy.removeOf(rule.name, setting.for ?? copy.everybody)}
                        onClick={() => {
                            router.delete(route('office.rules.take-away', { setting: id }), { preserveScroll: true });
                        }}
                    >
                        {copy.remove}
                    </button>
                )}
            </td>
        </tr>
    );
}
