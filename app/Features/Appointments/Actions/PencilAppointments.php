<?php

declare(strict_types=1);

namespace App\Features\Appointments\Actions;

use App\Features\Appointments\Queries\AppointmentDays;
use App\Features\Appointments\Queries\GuessedTasks;
use App\Features\Week\Queries\KnownTasks;
use App\Models\Appointment as StoredAppointment;
use App\Models\AppointmentCalendar;
use App\Models\LeftOutSeries;
use App\Models\Person;
use App\Models\Stretch;
use App\Models\StretchSource;
use Illuminate\Support\Facades\DB;
use Moss\Core\Appointments\Appointment;
use Moss\Core\Appointments\Guess;
use Moss\Core\Appointments\TaskGuess;

/**
 * Pencils appointments by the clock on the tasks that they most likely belong to, and guesses anew of what is pencilled and was
 * not touched: what its person chose in the meantime may say more. Appointments of whole days take no time of the clock.
 */
final readonly class PencilAppointments
{
    public function __construct(private GuessedTasks $guesses)
    {
    }

    /** @param  list<int>  $ids  appointments that have nothing pencilled yet */
    public function handle(Person $owner, array $ids): void
    {
        DB::transaction(function () use ($owner, $ids): void {
            $untouched = Stretch::query()->where('person_id', $owner->id)->where('is_inked', false)->where('is_chosen', false)->where('version', 1)->whereNotNull('appointment_id')->get();
            if ($ids === [] && $untouched->isEmpty()) {
                return;
            }
            [$guess, $known] = $this->guesses->of($owner);
            $this->guessAnew($untouched->all(), $guess, $known);
            $left = LeftOutSeries::query()->where('person_id', $owner->id)->pluck('series')->all();
            $notes = AppointmentCalendar::query()->where('person_id', $owner->id)->where('notes_titles', true)->pluck('id')->all();
            $rows = [];
            foreach (StoredAppointment::query()->whereIntegerInRaw('id', $ids)->where('is_left_out', false)->where('is_all_day', false)->whereNotIn('series', $left)->get() as $appointment) {
                $found = $guess->of(self::known($appointment));
                if ($found !== null) {
                    array_push($rows, ...self::stretches($owner, $appointment, self::line($found, $known), self::why($found), in_array($appointment->appointment_calendar_id, $notes, true)));
                }
            }
            foreach (array_chunk($rows, 500) as $part) {
                Stretch::query()->insert($part);
            }
        });
    }

    /**
     * The rows of an appointment on a line.
     *
     * @param  array{int, int|null}  $line  task and role
     * @return list<array<string, mixed>>
     */
    public static function stretches(Person $owner, StoredAppointment $appointment, array $line, string $why, bool $notesTitle, bool $isChosen = false): array
    {
        $rows = [];
        foreach (AppointmentDays::of($appointment, $owner->timezone) as $date => $spans) {
            foreach ($spans as $span) {
                $rows[] = [
                    'person_id' => $owner->id, 'date' => $date, 'starts_at' => $span->starts->minute(), 'ends_at' => $span->ends->minute(), 'task_id' => $line[0], 'role_id' => $line[1],
                    'is_inked' => 0, 'source' => StretchSource::Calendar->value, 'note' => $notesTitle ? $appointment->title : '', 'version' => 1, 'appointment_id' => $appointment->id, 'why' => $why, 'is_chosen' => $isChosen ? 1 : 0,
                ];
            }
        }

        return $rows;
    }

    /** @param  array<int, Stretch>  $stretches */
    private function guessAnew(array $stretches, TaskGuess $guess, KnownTasks $known): void
    {
        $appointments = StoredAppointment::query()->whereIntegerInRaw('id', array_values(array_unique(array_map(static fn (Stretch $one): int => $one->appointment_id ?? 0, $stretches))))->get()->keyBy('id');
        $changed = [];
        foreach ($stretches as $stretch) {
            $appointment = $appointments->get($stretch->appointment_id ?? 0);
            $found = $appointment === null ? null : $guess->of(self::known($appointment));
            if ($found !== null) {
                [$task, $role] = self::line($found, $known);
                $stretch->fill(['task_id' => $task, 'role_id' => $role, 'why' => self::why($found)]);
                if ($stretch->isDirty()) {
                    $changed[] = $stretch->getAttributes();
                }
            }
        }
        foreach (array_chunk($changed, 500) as $part) {
            Stretch::query()->upsert($part, ['id'], ['task_id', 'role_id', 'why']);
        }
    }

    private static function known(StoredAppointment $appointment): Appointment
    {
        return new Appointment($appointment->title, $appointment->series, $appointment->guests);
    }

    /** @return array{int, int|null} */
    private static function line(Guess $guess, KnownTasks $known): array
    {
        return [$guess->task, $guess->role ?? $known->offers[$guess->task]->role];
    }

    private static function why(Guess $guess): string
    {
        return json_encode($guess->reasons, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
