import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { PushProps, SchedulePageProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { FileList } from '@/ui/FileList';
import { PageHeading } from '@/ui/PageHeading';
import { ProjectTabs } from '@/ui/ProjectTabs';
import { Shell } from '@/ui/Shell';
import { useUploads } from '@/ui/useUploads';
import { router } from '@inertiajs/react';
import { SentSchedule } from './SentSchedule';

const copy = officeText.schedulePage;

/** Plans of one project from and to files of scheduling programs. */
export function SchedulePage({ schedule }: { schedule: SchedulePageProps }) {
    const { code, name, mayPlan, sent, pushes } = schedule;

    return (
        <Shell>
            <ProjectTabs code={code} here="schedule" />
            <PageHeading title={copy.title(name)} finding={copy.finding} />
            <Export code={code} />
            <Pushes title={copy.pushes} pushes={pushes} />
            {sent !== null && <SentSchedule key={`${sent.name} ${sent.receivedAt}`} code={code} sent={sent} />}
            {sent !== null && (
                <Pushes
                    title={copy.pushesOfFile}
                    pushes={sent.pushes.filter((push) => !pushes.some((known) => isSame(known, push)))}
                />
            )}
            {mayPlan && <SendForm code={code} title={sent === null ? copy.send : copy.sendAgain} />}
        </Shell>
    );
}

/** What the plan says already, the file need not say again. */
function isSame(one: PushProps, other: PushProps): boolean {
    return one.taskName === other.taskName && one.because === other.because && one.days === other.days;
}

function Export({ code }: { code: string }) {
    return (
        <section aria-labelledby="export" className="mt-4">
            <h2 id="export">{copy.out}</h2>
            <p className="flex flex-wrap gap-x-5">
                {(['day', 'week'] as const).flatMap((by) =>
                    (['csv', 'xlsx'] as const).map((format) => (
                        <a
                            key={`${by} ${format}`}
                            className="act-quiet"
                            href={route(
                                'project.schedule.file',
                                { project: code, format },
                                { by: by === 'week' ? 'week' : null },
                            )}
                        >
                            {copy.file(by === 'week' ? copy.byWeek : copy.byDay, format.toUpperCase())}
                        </a>
                    )),
                )}
            </p>
        </section>
    );
}

function Pushes({ title, pushes }: { title: string; pushes: PushProps[] }) {
    return pushes.length === 0 ? null : (
        <section className="mt-6 max-w-prose">
            <h2>{title}</h2>
            <ul>
                {pushes.map(({ taskName, because, days }) => (
                    <li key={taskName} className="border-b border-rule py-1 text-ochre">
                        {copy.push(taskName, because, days)}
                    </li>
                ))}
            </ul>
        </section>
    );
}

function SendForm({ code, title }: { code: string; title: string }) {
    const uploads = useUploads(route('uploads'));
    const newest = uploads.ids.at(-1);

    return (
        <section aria-labelledby="send" className="mt-8 max-w-prose">
            <h2 id="send">{title}</h2>
            <form
                aria-labelledby="send"
                className="mt-2 flex flex-col gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    router.post(
                        route('project.schedule.send', { project: code }),
                        { upload: newest ?? '' },
                        {
                            onSuccess: () => {
                                uploads.files.forEach((file) => {
                                    uploads.remove(file.name);
                                });
                            },
                        },
                    );
                }}
            >
                <FileList uploads={uploads} label={copy.files} hint={copy.hint} accept=".csv,.xlsx" />
                <FieldError of={['upload']} />
                <button type="submit" disabled={newest === undefined || uploads.isSending} className="act self-start">
                    {copy.compare}
                </button>
            </form>
        </section>
    );
}
