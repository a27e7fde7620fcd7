import { route } from '@/lib/route';
import { text } from '@/lib/text';
import { SectionTabs } from './SectionTabs';

/** The pages of a project. */
export function ProjectTabs({ code }: { code: string }) {
    return (
        <SectionTabs
            label={text.projectTabs.label}
            tabs={[
                [route('project', { project: code }), text.projectTabs.standing],
                [route('project.plan', { project: code }), text.projectTabs.plan],
            ]}
        />
    );
}
