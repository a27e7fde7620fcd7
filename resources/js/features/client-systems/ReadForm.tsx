import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import { FieldError } from '@/ui/FieldError';
import { FileList } from '@/ui/FileList';
import { useUploads } from '@/ui/useUploads';
import { router } from '@inertiajs/react';

const copy = officeText.clientSystemPage;

/** Reads an export of the other system. */
export function ReadForm({ system }: { system: number }) {
    const uploads = useUploads(route('uploads'));
    const newest = uploads.ids.at(-1);

    return (
        <section aria-labelledby="read">
            <h2 id="read">{copy.read}</h2>
            <form
                aria-labelledby="read"
                className="mt-2 flex flex-col gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    router.post(
                        route('office.client-systems.read', { clientSystem: system }),
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
                <FileList uploads={uploads} label={copy.file} accept=".csv" />
                <FieldError of={['upload']} />
                <button type="submit" disabled={newest === undefined || uploads.isSending} className="act self-start">
                    {copy.readNow}
                </button>
            </form>
        </section>
    );
}
