import { instant } from '@/lib/days';
import { route } from '@/lib/route';
import { useHoursFormat } from '@/lib/shared';
import { officeText } from '@/lib/officeText';
import type { WorkRequestProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { Link } from '@inertiajs/react';
import { AcceptForm } from './AcceptForm';
import { CommentForm } from './CommentForm';
import { RequestFacts } from './RequestFacts';

const copy = officeText.workRequestPage;

/** One request for work: what is asked, what is said, and the decision. */
export function WorkRequestPage({ request }: { request: WorkRequestProps }) {
    const format = useHoursFormat();
    const { id, state, decidedBy, project } = request;

    return (
        <Shell>
            <PageHeading
                title={request.title}
                finding={[
                    copy.finding(request.requester, instant(request.requestedAt)),
                    decidedBy === null ? '' : copy.decided(state, decidedBy),
                ].join(' ')}
            />
            <p>
                <Link className="act-quiet" href={route('requests')}>
                    {copy.back}
                </Link>
            </p>
            <FieldError />
            <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1fr)_24rem]">
                <div>
                    <RequestFacts request={request} format={format}>
                        {request.contactEmail !== '' && (
                            <>
                                <dt className="text-faded">{copy.email}</dt>
                                <dd>{request.contactEmail}</dd>
                            </>
                        )}
                        {project !== null && (
                            <>
                                <dt className="text-faded">{copy.project}</dt>
                                <dd>
                                    <Link className="act-quiet" href={route('project', { project: project.code })}>
                                        {project.name}
                                    </Link>
                                </dd>
                            </>
                        )}
                        {request.files.length > 0 && <Files request={request} />}
                    </RequestFacts>
                    <CommentForm
                        label={copy.comment}
                        act={copy.addComment}
                        address={route('requests.comment', { workRequest: id })}
                    />
                </div>
                {request.decides && state === 'open' && (
                    <div className="flex flex-col gap-8">
                        <AcceptForm request={request} />
                        <CommentForm
                            label={copy.why}
                            act={copy.decline}
                            hint={copy.declineHint}
                            address={route('requests.decline', { workRequest: id })}
                        />
                    </div>
                )}
            </div>
        </Shell>
    );
}

function Files({ request: { id, files } }: { request: WorkRequestProps }) {
    return (
        <>
            <dt className="text-faded">{copy.files}</dt>
            <dd>
                {files.map((file) => (
                    <span key={file.id} className="block [overflow-wrap:anywhere]">
                        <a className="act-quiet" href={route('requests.file', { workRequest: id, file: file.id })} download>
                            {file.name}
                        </a>{' '}
                        <span className="text-faded">{copy.size(Math.ceil(file.size / 1024))}</span>
                    </span>
                ))}
            </dd>
        </>
    );
}
