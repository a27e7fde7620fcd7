import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import { Checkbox } from '@/ui/Checkbox';
import { FileList } from '@/ui/FileList';
import { useUploads } from '@/ui/useUploads';
import { router } from '@inertiajs/react';
import { useState } from 'react';

const copy = officeText.filesPage;

/** Sends files and has them checked. */
export function ImportForm() {
    const uploads = useUploads(route('uploads'));
    const [replacesPlan, replace] = useState(false);

    return (
        <section aria-labelledby="import-files">
            <h2 id="import-files">{copy.import}</h2>
            <form
                aria-label={copy.import}
                className="mt-2 flex flex-col gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    router.post(route('office.files.import'), { uploads: uploads.ids, replacesPlan });
                }}
            >
                <FileList
                    uploads={uploads}
                    label={copy.files}
                    hint={copy.importHint}
                    accept=".csv,.zip"
                    folder={{ label: copy.folder, isMeant: (name) => name.toLowerCase().endsWith('.csv') }}
                />
                <Checkbox label={copy.replacesPlan} checked={replacesPlan} onChange={replace} />
                <button
                    type="submit"
                    disabled={uploads.ids.length === 0 || uploads.isSending}
                    className="act act-main self-start"
                >
                    {copy.check}
                </button>
            </form>
        </section>
    );
}
