import { hoursWithUnit } from '@/lib/hours';
import { printCents } from '@/lib/money';
import { printPercent } from '@/lib/numbers';
import { text } from '@/lib/text';
import type { HoursFormat, MyGroupProps } from '@/types/generated/props';
import { Bar } from '@/ui/Bar';
import { Hours } from '@/ui/Hours';
import { SideScroll } from '@/ui/SideScroll';
import { useId } from 'react';

const copy = text.myFigures;

interface MyGroupsProps {
    title: string;
    groups: readonly MyGroupProps[];
    /** What a group is called, where its own name is none. */
    name?: (code: string) => string | null;
    withExpected?: boolean;
    currency: string | null;
    /** Minutes that the full width of a bar stands for. */
    scale: number;
    format: HoursFormat;
}

/** Own hours by project, role or month: figures, and a bar on the scale of all. */
export function MyGroups({ title, groups, name, withExpected = false, currency, scale, format }: MyGroupsProps) {
    const id = useId();

    return (
        <section aria-labelledby={id}>
            <h2 id={id}>{title}</h2>
            <SideScroll labelledBy={id}>
                <table className="w-full border-collapse">
                    <GroupsHead title={title} withExpected={withExpected} currency={currency} />
                    <tbody>
                        {groups.map((group) => (
                            <tr key={group.code} className="align-baseline">
                                <th scope="row" className="row-name border-b border-rule py-1 font-normal">
                                    {name?.(group.code) ?? group.name}
                                </th>
                                <td className="border-b border-rule ps-3 text-end">
                                    <Hours minutes={group.entered} format={format} />
                                </td>
                                {withExpected && (
                                    <td className="border-b border-rule ps-3 text-end text-faded">
                                        {group.expected === null ? (
                                            copy.unknown
                                        ) : (
                                            <Hours minutes={group.expected} format={format} />
                                        )}
                                    </td>
                                )}
                                <td className="border-b border-rule ps-3 text-end whitespace-nowrap">
                                    {group.billableShare === null
                                        ? copy.unknown
                                        : text.percent(printPercent(group.billableShare))}
                                </td>
                                {currency !== null && (
                                    <td className="border-b border-rule ps-3 text-end">
                                        {group.billValue === null ? copy.unknown : printCents(group.billValue, '')}
                                    </td>
                                )}
                                <td className="border-b border-rule ps-4 max-sm:hidden">
                                    <Bar
                                        approved={group.entered - group.pending}
                                        pending={group.pending}
                                        remaining={0}
                                        mark={withExpected ? (group.expected ?? null) : null}
                                        scale={Math.max(scale, group.expected ?? 0)}
                                        label={copy.bar(hoursWithUnit(group.entered, format))}
                                    />
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </SideScroll>
        </section>
    );
}

function GroupsHead({ title, withExpected, currency }: { title: string; withExpected: boolean; currency: string | null }) {
    const right = 'border-b border-edge ps-3 text-end';

    return (
        <thead className="text-faded">
            <tr>
                <th scope="col" className="border-b border-edge">
                    <span className="sr-only">{title}</span>
                </th>
                <th scope="col" className={right}>
                    {copy.entered}
                </th>
                {withExpected && (
                    <th scope="col" className={right}>
                        {copy.expected}
                    </th>
                )}
                <th scope="col" className={right}>
                    {copy.share}
                </th>
                {currency !== null && (
                    <th scope="col" className={right}>
                        {copy.value(currency)}
                    </th>
                )}
                <th scope="col" className="w-1/4 border-b border-edge max-sm:hidden">
                    <span className="sr-only">{copy.drawn}</span>
                </th>
            </tr>
        </thead>
    );
}
