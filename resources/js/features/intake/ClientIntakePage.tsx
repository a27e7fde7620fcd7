import { officeText } from '@/lib/officeText';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { RequestForm } from './RequestForm';

const copy = officeText.clientIntakePage;

interface ClientIntakePageProps {
    organisation: string;
    client: string;
    address: string;
    uploads: string;
}

/** What somebody at a client sees behind their link. */
export function ClientIntakePage({ organisation, client, address, uploads }: ClientIntakePageProps) {
    return (
        <Shell>
            <PageHeading title={copy.title(organisation)} finding={copy.finding(client)} />
            <div className="mt-4 max-w-2xl">
                <RequestForm address={address} begin={uploads} isClient />
            </div>
        </Shell>
    );
}
