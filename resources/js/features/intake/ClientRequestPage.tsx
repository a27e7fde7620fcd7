import { officeText } from '@/lib/officeText';
import type { WorkRequestProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { CommentForm } from './CommentForm';
import { RequestFacts } from './RequestFacts';

const copy = officeText.clientRequestPage;

interface ClientRequestPageProps {
    organisation: string;
    request: WorkRequestProps;
    address: string;
}

/** What became of a request, for whoever made it at a client. */
export function ClientRequestPage({ organisation, request, address }: ClientRequestPageProps) {
    return (
        <Shell>
            <PageHeading title={request.title} finding={copy.finding[request.state](organisation)} />
            <p className="pencilled">{copy.keep}</p>
            <FieldError />
            <div className="mt-4">
                <RequestFacts request={request} format="decimal" />
                <CommentForm
                    label={officeText.workRequestPage.comment}
                    act={officeText.workRequestPage.addComment}
                    address={address}
                />
            </div>
        </Shell>
    );
}
