import { AskLine } from '@/features/compare';
import { fullDay } from '@/lib/days';
import { useShared } from '@/lib/shared';
import { text } from '@/lib/text';
import type { FrontComparisonProps, LoadSummaryProps, ProjectSummaryProps, WaitingProps } from '@/types/generated/props';
import { Later } from '@/ui/Later';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { ComparisonArticles } from './ComparisonArticles';
import { LoadColumn } from './LoadColumn';
import { ProjectColumn } from './ProjectColumn';
import { headline } from './headline';
import { WaitingColumn } from './WaitingColumn';

const copy = text.frontPage;

interface FrontPageProps {
    waiting: WaitingProps | null;
    projects: ProjectSummaryProps[] | null;
    load?: LoadSummaryProps | null;
    comparisons?: FrontComparisonProps[];
}

/** Where whoever manages begins the day: what waits, what needs attention, who is loaded, and what they chose to follow. */
export function FrontPage({ waiting, projects, load, comparisons }: FrontPageProps) {
    const { today } = useShared();

    return (
        <Shell>
            <PageHeading title={fullDay(today)} finding={headline(waiting, projects)} />
            <AskLine />
            <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-6 border-t border-ink pt-4 lg:grid-cols-[minmax(0,1fr)_21rem]">
                <div className="flex flex-col gap-6 lg:col-start-2 lg:row-start-1 lg:border-s lg:border-rule lg:ps-6">
                    {waiting !== null && <WaitingColumn waiting={waiting} />}
                    {load !== null && (
                        <section aria-labelledby="load">
                            <h2 id="load">{copy.load}</h2>
                            <Later data="load">{load !== undefined && <LoadColumn load={load} />}</Later>
                        </section>
                    )}
                </div>
                <div className="flex min-w-0 flex-col gap-6">
                    {projects !== null && <ProjectColumn projects={projects} />}
                    <section aria-labelledby="followed">
                        <h2 id="followed">{copy.followed}</h2>
                        <Later data="comparisons">
                            <ComparisonArticles comparisons={comparisons ?? []} />
                        </Later>
                    </section>
                </div>
            </div>
        </Shell>
    );
}
