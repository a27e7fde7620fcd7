<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Absence;
use App\Models\AbsenceKind;
use App\Models\Assignment;
use App\Models\Correction;
use App\Models\Entry;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\Project;
use App\Models\ProjectState;
use App\Models\ReadsQuickly;
use App\Models\Task;
use Illuminate\Database\Eloquent\Attributes\Boot;
use Illuminate\Database\Eloquent\Attributes\Initialize;
use Illuminate\Database\Eloquent\Attributes\ObservedBy;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Schema;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Money\Money;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;
use ReflectionClass;

final class ModelsTest extends TestCase
{
    /** Those of the framework, which has its own way to them. */
    private const WITHOUT_MODEL = ['failed_jobs', 'jobs', 'migrations'];

    /** What is set by its own act only. */
    private const NOT_FILLED = ['id', 'remember_token'];

    public function test_every_table_has_one_model_that_fills_each_of_its_columns(): void
    {
        $models = [];
        foreach (self::models() as $class) {
            $model = new $class;
            $models[] = $model->getTable();
            self::assertSame($model->getTable(), (new ReflectionClass($class))->getDefaultProperties()['table'] ?? null, "{$class} names its table");
            self::assertEqualsCanonicalizing(array_diff(Schema::getColumnListing($model->getTable()), self::NOT_FILLED), $model->getFillable(), $class);
        }
        $tables = array_diff(array_map(static fn (array $table): string => $table['name'], Schema::getTables()), self::WITHOUT_MODEL);

        self::assertEqualsCanonicalizing($tables, $models);
    }

    public function test_models_miss_nothing_of_what_they_leave_out(): void
    {
        foreach (self::models() as $class) {
            self::assertContains(ReadsQuickly::class, class_uses_recursive($class));
            new $class;
            foreach (['booting', 'booted', 'retrieved'] as $event) {
                self::assertFalse(Event::hasListeners("eloquent.$event: $class"), $class);
            }
            $reflection = new ReflectionClass($class);
            foreach ([$class, ...class_parents($class)] as $part) {
                self::assertSame([], [...(new ReflectionClass($part))->getAttributes(ObservedBy::class), ...(new ReflectionClass($part))->getAttributes(ScopedBy::class)], $class);
            }
            foreach ($reflection->getMethods() as $method) {
                self::assertSame([], [...$method->getAttributes(Boot::class), ...$method->getAttributes(Initialize::class)], $class.'::'.$method->getName());
                if (str_starts_with((string) $method->getFileName(), app_path())) {
                    self::assertDoesNotMatchRegularExpression('/^[gs]et.+Attribute$/', $method->getName(), $class);
                    self::assertNotSame(Attribute::class, (string) $method->getReturnType(), $class.'::'.$method->getName());
                }
            }
        }
    }

    public function test_values_of_the_core_come_back_as_they_were_stored(): void
    {
        $task = Task::factory()->create(['planned_minutes' => Minutes::ofHours(40), 'budget_cents' => Money::of('1250.50'), 'done_on' => Day::of('2026-06-30')]);
        $entry = Entry::factory()->for($task)->create(['minutes' => Minutes::of(95), 'state' => EntryState::Approved]);

        $task->refresh();
        $entry->refresh();

        self::assertSame([2400, '1250.50', '2026-06-30', null], [$task->planned_minutes?->toInt(), $task->budget_cents?->toString(), $task->done_on?->toString(), $task->starts_on]);
        self::assertSame([95, '2026-06-16', EntryState::Approved, false], [$entry->minutes->toInt(), $entry->date->toString(), $entry->state, $entry->needs_attention]);
        self::assertSame(['2026-06-16', 95, 'approved'], array_values((array) DB::table('entries')->where('id', $entry->id)->select('date', 'minutes', 'state')->first()));
        self::assertSame($task->project->manager->id, $entry->task->project->manager_id);
    }

    public function test_values_of_the_core_are_bound_as_they_are_stored(): void
    {
        $entry = Entry::factory()->create(['date' => Day::of('2026-06-16'), 'minutes' => Minutes::of(95)]);

        self::assertSame([$entry->id], Entry::query()->where('date', Day::of('2026-06-16'))->where('minutes', '>=', Minutes::of(95))->pluck('id')->all());
        self::assertSame(1, DB::table('entries')->where('id', $entry->id)->update(['minutes' => Minutes::of(60), 'date' => Day::of('2026-06-17')]));
        self::assertSame(60, $entry->refresh()->minutes->toInt());
    }

    public function test_scopes_narrow_to_what_their_names_say(): void
    {
        Entry::factory()->create(['date' => Day::of('2026-06-14')]);
        $inWeek = Entry::factory()->create(['date' => Day::of('2026-06-15')]);
        Entry::factory()->create(['date' => Day::of('2026-06-22')]);
        $closed = Project::factory()->create(['state' => ProjectState::Closed]);

        self::assertSame([$inWeek->id], Entry::query()->inWeek(Week::of('2026-W25'))->pluck('id')->all());
        self::assertNotContains($closed->id, Project::query()->open()->pluck('id')->all());
        self::assertSame(3, Project::query()->open()->count());
        self::assertSame(0, Correction::query()->waiting()->count());
    }

    public function test_what_the_schema_refuses_is_refused(): void
    {
        $person = Person::factory()->create();
        $assignment = Assignment::factory()->create();
        $kind = AbsenceKind::query()->create(['name' => 'Leave']);
        $refused = [
            'a day that is none' => static fn () => DB::table('absences')->insert(['person_id' => $person->id, 'date' => '16 June', 'absence_kind_id' => $kind->id]),
            'more than a day of absence' => static fn () => Absence::query()->create(['person_id' => $person->id, 'date' => Day::of('2026-06-16'), 'minutes' => Minutes::of(1441), 'absence_kind_id' => $kind->id]),
            'text for a number' => static fn () => DB::table('assignments')->where('id', $assignment->id)->update(['planned_minutes' => 'forty']),
            'less than nothing planned' => static fn () => $assignment->fresh()?->update(['planned_minutes' => Minutes::of(-1)]),
            'somebody and a team' => static fn () => DB::table('assignments')->where('id', $assignment->id)->update(['team_id' => DB::table('teams')->insertGetId(['code' => 'coast', 'name' => 'Coast'])]),
            'the same assignment twice' => static fn () => $assignment->replicate()->save(),
            'a state that there is not' => static fn () => DB::table('projects')->update(['state' => 'asleep']),
            'a second organisation' => static fn () => (new Organisation)->forceFill(['id' => 2])->save(),
            'a person that there is not' => static fn () => Entry::factory()->create(['person_id' => 99_999]),
        ];
        foreach ($refused as $what => $act) {
            try {
                $act();
                self::fail($what.' was stored');
            } catch (QueryException $exception) {
                self::assertMatchesRegularExpression('/constraint failed|cannot store TEXT value/', $exception->getMessage(), $what);
            }
        }
    }

    /** @return list<class-string<Model>> */
    private static function models(): array
    {
        $models = [];
        foreach (glob(dirname(__DIR__, 2).'/app/Models/*.php') ?: [] as $file) {
            $class = 'App\\Models\\'.basename($file, '.php');
            if (is_subclass_of($class, Model::class) && ! (new ReflectionClass($class))->isAbstract()) {
                $models[] = $class;
            }
        }

        return $models;
    }
}
