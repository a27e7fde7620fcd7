import { officeText } from '@/lib/officeText';
import { FileField } from './FileField';
import type { useUploads } from './useUploads';

const copy = officeText.uploads;

interface FileListProps {
    uploads: ReturnType<typeof useUploads>;
    label: string;
    hint?: string;
    accept?: string;
    /** Where a whole folder can be chosen too: what that field is called, and which of its files are meant. */
    folder?: { label: string; isMeant: (name: string) => boolean };
}

/** Files that are sent as they are chosen, and how far each is. */
export function FileList({ uploads, label, hint, accept, folder }: FileListProps) {
    return (
        <div className="flex flex-col gap-1">
            <FileField
                key={uploads.files.length}
                label={label}
                takesMany
                {...(accept === undefined ? {} : { accept })}
                onPick={(_, files) => {
                    files.forEach(uploads.send);
                }}
            />
            {folder !== undefined && (
                <FileField
                    key={`folder ${String(uploads.files.length)}`}
                    label={folder.label}
                    takesFolder
                    onPick={(_, files) => {
                        files.filter(({ name }) => folder.isMeant(name)).forEach(uploads.send);
                    }}
                />
            )}
            {hint !== undefined && <p className="pencilled">{hint}</p>}
            <ul aria-live="polite">
                {uploads.files.map(({ name, percent, id, isLost }) => (
                    <li
                        key={name}
                        className="flex flex-wrap justify-between gap-x-4 border-b border-rule py-1 [overflow-wrap:anywhere]"
                    >
                        <span className={isLost ? 'text-brick' : undefined}>
                            {isLost ? copy.failed(name) : id === null ? copy.sending(name, percent) : copy.sent(name)}
                        </span>
                        <button
                            type="button"
                            className="min-h-6 min-w-6 cursor-pointer text-faded hover:text-ink"
                            aria-label={copy.remove(name)}
                            onClick={() => {
                                uploads.remove(name);
                            }}
                        >
                            ×
                        </button>
                    </li>
                ))}
            </ul>
        </div>
    );
}
