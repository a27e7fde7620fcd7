import { text } from '@/lib/text';
import { FileField } from '@/ui/FileField';
import type { useUploads } from './useUploads';

const copy = text.uploads;

/** Files that go with a request, and how far each is. */
export function FileList({ uploads }: { uploads: ReturnType<typeof useUploads> }) {
    return (
        <div className="flex flex-col gap-1">
            <FileField
                key={uploads.files.length}
                label={copy.files}
                onPick={(file) => {
                    if (file !== null) {
                        uploads.send(file);
                    }
                }}
            />
            <p className="pencilled">{copy.hint}</p>
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
