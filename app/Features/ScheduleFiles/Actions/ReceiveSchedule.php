<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Actions;

use App\Features\ScheduleFiles\Files\ScheduleColumns;
use App\Features\ScheduleFiles\Files\ScheduleRows;
use App\Features\ScheduleFiles\Files\ScheduleUnreadable;
use App\Features\Uploads\Actions\ReceiveUpload;
use App\Models\Person;
use App\Models\Project;
use App\Models\ScheduleFile;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** Takes a schedule file for a project, in the place of one that was there, to be compared with its plan. Nothing is changed by it. */
final readonly class ReceiveSchedule
{
    public function __construct(private ReceiveUpload $receive, private Today $today)
    {
    }

    /**
     * @param  string  $upload  id
     *
     * @throws ScheduleUnreadable
     */
    public function handle(Person $by, Project $project, string $upload): ScheduleFile
    {
        $place = storage_path('app/private/schedules/'.bin2hex(random_bytes(8)));
        try {
            $sent = $this->receive->handOver($by, $upload, $place) ?? throw ScheduleUnreadable::because('gone');
            $rows = ScheduleRows::of($place, $sent->name);
        } finally {
            File::delete($place);
        }
        if (! ScheduleColumns::of($rows[0] ?? [])->namesTasks()) {
            throw ScheduleUnreadable::because('no_task_column');
        }

        return DB::transaction(fn (): ScheduleFile => ScheduleFile::query()->updateOrCreate(['project_id' => $project->id], [
            'person_id' => $by->id, 'name' => $sent->name, 'rows' => $rows, 'received_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'),
        ]));
    }
}
