import { instant, wholeDate } from '@/lib/days';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import { useNews } from '@/lib/useNews';
import type { ProjectTrackerProps, TrackerLinkProps, TrackerOfferProps } from '@/types/generated/props';
import { Confirm } from '@/ui/Confirm';
import { PageHeading } from '@/ui/PageHeading';
import { ProjectTabs } from '@/ui/ProjectTabs';
import { Shell } from '@/ui/Shell';
import { router } from '@inertiajs/react';
import { Differences } from './Differences';
import { Offers } from './LinkForm';
import { TasksThere } from './TasksThere';
import { UnknownPeople } from './UnknownPeople';

const copy = officeText.projectTrackerPage;

interface ProjectTrackerPageProps {
    shown: ProjectTrackerProps;
    /** Asked for once the page is there. */
    offers?: TrackerOfferProps[];
}

/** A project and its counterpart in a task tracker. */
export function ProjectTrackerPage({ shown, offers }: ProjectTrackerPageProps) {
    const { code, name, link, monday } = shown;
    useNews(link?.succeededAt === null && link.failure === '');

    return (
        <Shell>
            <ProjectTabs code={code} here="tracker" />
            <PageHeading
                title={copy.title(name)}
                finding={link === null ? copy.notLinked : copy.linked(link.key, link.tracker)}
            />
            {link === null ? (
                <Offers project={code} offers={offers} monday={monday} />
            ) : (
                <>
                    <Standing project={code} link={link} />
                    <div className="mt-6 grid gap-x-14 gap-y-8 lg:grid-cols-[minmax(0,1fr)_22rem]">
                        <div className="flex min-w-0 flex-col gap-8">
                            <TasksThere project={code} tasks={link.tasks} free={shown.tasks} />
                            <Differences differences={link.differences} />
                        </div>
                        <UnknownPeople project={code} people={link.unknown} />
                    </div>
                </>
            )}
        </Shell>
    );
}

function Standing({ project, link }: { project: string; link: TrackerLinkProps }) {
    return (
        <div className="mt-1 flex flex-wrap items-center gap-x-5 gap-y-1">
            <p>
                {copy.since(wholeDate(link.startsOn))}{' '}
                {link.succeededAt === null ? copy.notYet : copy.inAgreement(instant(link.succeededAt))}
            </p>
            {link.failure !== '' && <p className="text-brick">{link.failure}</p>}
            <button
                type="button"
                className="act"
                onClick={() => {
                    router.post(route('project.tracker.sync', { project }), {}, { preserveScroll: true });
                }}
            >
                {copy.sync}
            </button>
            <Confirm
                button={{ className: 'act-quiet', children: copy.unlink }}
                title={copy.unlinkTitle}
                yes={copy.unlink}
                no={copy.no}
                onYes={() => {
                    router.delete(route('project.tracker.end', { project }));
                }}
            >
                {copy.unlinkWill}
            </Confirm>
        </div>
    );
}
