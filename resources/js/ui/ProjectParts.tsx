import { text } from '@/lib/text';
import { Parts } from './Parts';

/** The pages of a project. */
export function ProjectParts({ code }: { code: string }) {
    return (
        <Parts
            label={text.projectParts.label}
            parts={[
                [`/projects/${code}`, text.projectParts.standing],
                [`/projects/${code}/plan`, text.projectParts.plan],
            ]}
        />
    );
}
