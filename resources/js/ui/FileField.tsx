interface FileFieldProps {
    label: string;
    /** Endings and types that are offered. */
    accept?: string;
    required?: boolean;
    /** Several at once. */
    takesMany?: boolean;
    /** All files of a folder. */
    takesFolder?: boolean;
    /** The first, and all of them. */
    onPick: (file: File | null, files: File[]) => void;
}

/** A file of the reader's own machine, with its name above. */
export function FileField({ label, takesMany = false, takesFolder = false, onPick, ...rest }: FileFieldProps) {
    return (
        <label className="flex max-w-full min-w-0 flex-col gap-1">
            {label}
            <input
                {...rest}
                type="file"
                multiple={takesMany}
                {...(takesFolder ? { webkitdirectory: '' } : {})}
                className="min-h-9 max-w-full border-b border-edge bg-sheet px-2 py-1 file:me-3 file:cursor-pointer file:rounded-[3px] file:border file:border-edge file:bg-paper file:px-2 file:text-ink"
                onChange={(event) => {
                    onPick(event.target.files?.[0] ?? null, [...(event.target.files ?? [])]);
                }}
            />
        </label>
    );
}
