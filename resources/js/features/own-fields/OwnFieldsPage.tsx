import { OfficeShell } from '@/features/office';
import { wholeDate } from '@/lib/days';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { OwnFieldRowProps, OwnFieldSettingsProps } from '@/types/generated/props';
import { SideScroll } from '@/ui/SideScroll';
import { TableHead } from '@/ui/TableHead';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';
import { OwnFieldForm } from './OwnFieldForm';

const copy = officeText.ownFieldsPage;

/** All fields that the office added, and a new one or the one that is changed. */
export function OwnFieldsPage({ settings: { fields, opened } }: { settings: OwnFieldSettingsProps }) {
    const changed = fields.find(({ code }) => code === opened);

    return (
        <OfficeShell title={copy.title} finding={fields.length === 0 ? copy.none : copy.finding(fields.length)}>
            <p className="pencilled max-w-prose">{copy.hint}</p>
            <div className="mt-4 grid gap-x-14 gap-y-8 lg:grid-cols-[minmax(0,1fr)_22rem]">
                {fields.length > 0 && (
                    <SideScroll label={copy.title} className="self-start">
                        <table className="w-full">
                            <TableHead heads={[copy.field, copy.belongsTo, copy.holds, copy.asked]} />
                            <tbody>
                                {fields.map((field) => (
                                    <Row key={field.code} field={field} isOpened={field.code === opened} />
                                ))}
                            </tbody>
                        </table>
                    </SideScroll>
                )}
                <OwnFieldForm key={changed?.code ?? `new ${String(fields.length)}`} field={changed} />
            </div>
        </OfficeShell>
    );
}

/** Of whom a field is asked, and from when. */
function askedOf({ subject, team, client, startsOn, isRequired }: OwnFieldRowProps): string {
    const whom = [team === null ? '' : copy.ofTeam(team.name), client === null ? '' : copy.ofClient(client.name)];

    return [
        whom.some((each) => each !== '') ? whom.filter((each) => each !== '').join(', ') : copy.all[subject],
        startsOn === null ? '' : copy.from(wholeDate(startsOn)),
        isRequired ? copy.required : '',
    ]
        .filter((each) => each !== '')
        .join(', ');
}

function Row({ field, isOpened }: { field: OwnFieldRowProps; isOpened: boolean }) {
    const { code, name, subject, kind, choices, isRetired } = field;

    return (
        <tr className={clsx(isRetired && 'text-faded', isOpened && 'bg-moss-wash')}>
            <th scope="row" className="row-name border-b border-rule py-1 pe-4 align-top max-sm:pe-2">
                <Link
                    className="underline decoration-edge underline-offset-4"
                    href={route('office.own-fields', {}, { field: code })}
                    title={copy.changeOf(name)}
                    preserveScroll
                >
                    {name}
                </Link>
                {isRetired && <span className="font-normal"> ({copy.retired})</span>}
            </th>
            <td className="border-b border-rule py-1 pe-4 align-top max-sm:pe-2">{copy.subjects[subject]}</td>
            <td className="min-w-20 border-b border-rule py-1 pe-4 align-top [overflow-wrap:anywhere] max-sm:pe-2">
                {kind === 'choice' ? choices.map((choice) => choice.name).join(', ') : copy.kinds[kind]}
            </td>
            <td className="min-w-22 border-b border-rule py-1 align-top [overflow-wrap:anywhere]">{askedOf(field)}</td>
        </tr>
    );
}
