import { monthOf } from '@/lib/days';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { AbsenceCalendarProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { PageHeading } from '@/ui/PageHeading';
import { Paging } from '@/ui/Paging';
import { Shell } from '@/ui/Shell';
import { Link, router } from '@inertiajs/react';
import { AbsenceMonth } from './AbsenceMonth';
import { LeaveTabs } from './LeaveTabs';

const copy = officeText.absenceCalendarPage;

/** Who is away when, in a month. */
export function AbsenceCalendarPage({ calendar }: { calendar: AbsenceCalendarProps }) {
    const { month, before, after, team, choosesTeam, people, away, awayCount, page, pages } = calendar;
    const address = (given: { month?: string; team?: string; page?: number }) => {
        const chosen = given.team ?? team?.code ?? '';
        return route(
            'leave.calendar',
            {},
            { month: given.month ?? month, team: chosen === '' ? null : chosen, page: given.page ?? null },
        );
    };

    return (
        <Shell>
            <LeaveTabs decides={calendar.decidesForOthers} />
            <PageHeading title={copy.title} finding={awayCount === 0 ? copy.nobody : copy.today(away, awayCount)} />
            <div className="no-print mt-2 flex flex-wrap items-baseline-last gap-x-6 gap-y-2">
                <h2 className="w-24">{monthOf(`${month}-01`)}</h2>
                <Link className="act-quiet" href={address({ month: before })} preserveScroll>
                    {copy.before}
                </Link>
                <Link className="act-quiet" href={address({ month: after })} preserveScroll>
                    {copy.after}
                </Link>
                {choosesTeam && (
                    <Combobox
                        label={copy.team}
                        kind="teams"
                        className="w-56"
                        chosen={team === null ? [] : [team]}
                        onChange={(chosen) => {
                            router.get(address({ team: chosen[0]?.code ?? '' }));
                        }}
                    />
                )}
            </div>
            {people.length === 0 ? <p className="mt-4">{copy.none}</p> : <AbsenceMonth calendar={calendar} />}
            <Paging page={page} pages={pages} address={(other) => address({ page: other })} className="mt-3" />
        </Shell>
    );
}
