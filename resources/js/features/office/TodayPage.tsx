import { route } from '@/lib/route';
import { instant } from '@/lib/days';
import { text } from '@/lib/text';
import { officeText } from '@/lib/officeText';
import type { LateWeekProps, SettingProps, TodayProps } from '@/types/generated/props';
import { FirstSteps } from '@/features/first-start';
import { Later } from '@/ui/Later';
import { Link } from '@inertiajs/react';
import { OfficeShell } from './OfficeShell';
import { todayItems, type TodayItem } from './todayItems';

const copy = officeText.officePage.today;

/** Where the time office begins: what needs it today, and what it has set, each with its last change. */
export function TodayPage({ needs, lateWeek }: { needs: TodayProps; lateWeek?: LateWeekProps }) {
    const items = todayItems(needs, lateWeek ?? null);

    return (
        <OfficeShell
            title={copy.name}
            finding={items.length === 0 && needs.steps.length > 0 ? copy.begun : copy.finding(items.length)}
        >
            <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-12 gap-y-6 lg:grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)]">
                <div className="space-y-6">
                    {needs.steps.length > 0 && <FirstSteps steps={needs.steps} />}
                    <section aria-labelledby="needs">
                        <h2 id="needs">{copy.needs}</h2>
                        <Later data="lateWeek">{null}</Later>
                        {items.length === 0 && lateWeek !== undefined && <p className="py-2 text-faded">{copy.nothing}</p>}
                        <ul>
                            {items.map((item) => (
                                <Item key={item.href ?? item.what} item={item} />
                            ))}
                        </ul>
                    </section>
                </div>
                <section aria-labelledby="settings">
                    <h2 id="settings">{copy.settings}</h2>
                    <ul>
                        {needs.settings.map((setting) => (
                            <Setting key={setting.name} setting={setting} />
                        ))}
                    </ul>
                </section>
            </div>
        </OfficeShell>
    );
}

function Item({ item }: { item: TodayItem }) {
    return (
        <li className="flex min-h-11 flex-wrap items-baseline gap-x-4 border-b sm:flex-nowrap border-rule py-2">
            <span className={item.isUrgent ? 'grow border-s-2 border-ochre ps-3' : 'grow border-s-2 border-transparent ps-3'}>
                {item.what}
                {item.detail !== null && <span className="text-faded"> {item.detail}</span>}
            </span>
            {item.href !== null && (
                <Link
                    href={item.href}
                    {...(item.method === undefined ? {} : { method: item.method, as: 'button' })}
                    className="act-quiet shrink-0"
                >
                    {item.act}
                </Link>
            )}
        </li>
    );
}

function Setting({ setting }: { setting: SettingProps }) {
    return (
        <li className="min-h-11 border-b border-rule py-2">
            <Link href={route(`office.${setting.name}`)} className="act-quiet">
                {copy.settingNames[setting.name]}
            </Link>
            <p>{copy.settingTexts[setting.name]}</p>
            <p className="pencilled">
                {setting.changedAt === null
                    ? copy.neverChanged
                    : copy.changed(instant(setting.changedAt), setting.changedBy ?? text.app)}
            </p>
        </li>
    );
}
