import { text } from '@/lib/text';
import { SectionTabs } from './SectionTabs';

/** The pages of a project. */
export function ProjectTabs({ code }: { code: string }) {
    return (
        <SectionTabs
            label={text.projectTabs.label}
            tabs={[
                [`/projects/${code}`, text.projectTabs.standing],
                [`/projects/${code}/plan`, text.projectTabs.plan],
            ]}
        />
    );
}
