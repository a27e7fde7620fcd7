<?php

declare(strict_types=1);

namespace Tests\App\TaskTracker;

use App\Features\TaskTracker\Actions\SyncLink;
use App\Features\Week\Actions\CellInput;
use App\Features\Week\Actions\SaveCells;
use App\Features\Week\Props\CellOutcome;
use App\Models\Entry;
use App\Models\Role;
use App\Models\TrackerChange;
use App\Models\TrackerLink;
use App\Models\TrackerTime;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RuntimeException;
use Simulated\Tracker\Data;
use Tests\App\TestCase;

/** Whatever people do on both sides, and whatever goes wrong on the way, both end equal and nothing is double. */
final class RandomActsTest extends TestCase
{
    use HasTracker;

    private const ACTS = 250;

    private const DAYS = ['2026-06-15', '2026-06-16', '2026-06-17'];

    private Randomizer $random;

    /** @var array<string, int> minutes that must come out by person and day, where nothing is taken away twice */
    private array $expected = [];

    #[TestWith([1, true])]
    #[TestWith([2, true])]
    #[TestWith([3, false])]
    #[TestWith([4, false])]
    public function test_both_sides_end_equal(int $seed, bool $onlyMore): void
    {
        $this->random = new Randomizer(new Mt19937($seed));
        foreach (['ada', 'bo'] as $person) {
            $this->person($person)->update(['pencils_tracked_time' => false]);
        }
        DB::table('house_rules')->delete();
        $link = $this->linked();
        for ($act = 0; $act < self::ACTS; $act++) {
            match ($this->random->getInt(0, 5)) {
                0, 1 => $this->recordHere($onlyMore),
                2 => $this->logThere(),
                3 => $this->changeThere($onlyMore),
                default => $this->syncBadly($link),
            };
        }
        $this->network->mishap = null;
        for ($time = 0; $time < 3; $time++) {
            $this->app->make(SyncLink::class)->handle($link->refresh()->load('tracker', 'project', 'linkedBy'));
        }
        self::assertSame('', $link->refresh()->failure);
        self::assertSame([0, 0], [TrackerChange::query()->count(), TrackerTime::query()->where('differs', true)->count()]);
        $here = $this->here();
        self::assertSame($this->there(), $here);
        self::assertGreaterThan(500, array_sum($here));
        if ($onlyMore) {
            $expected = array_filter($this->expected);
            ksort($expected);
            self::assertSame($expected, $here);
        }
    }

    private function recordHere(bool $onlyMore): void
    {
        [$person, $date] = [['ada', 'bo'][$this->random->getInt(0, 1)], self::DAYS[$this->random->getInt(0, 2)]];
        $entry = $this->entry($person, 'FIT', $date);
        $has = $entry?->minutes->toInt() ?? 0;
        $minutes = $onlyMore ? $has + 5 * $this->random->getInt(0, 2) : 5 * $this->random->getInt(0, 60);
        if ($minutes > 600 || $minutes === $has) {
            return;
        }
        $owner = $this->person($person);
        $role = $entry === null ? ($person === 'ada' ? Role::query()->where('code', 'surveyor')->sole()->id : null) : $entry->role_id;
        $saved = $this->app->make(SaveCells::class)->handle($owner, $owner, [new CellInput($this->task('FIT')->id, $role, Day::of($date), null, $entry?->version, minutes: Minutes::of($minutes))]);
        // Bo may record once the task has come over with bo on it.
        $this->expect($person, $date, $saved[0]->outcome === CellOutcome::Saved ? $minutes - $has : 0);
    }

    private function logThere(): void
    {
        [$person, $date, $minutes] = [['ada', 'bo'][$this->random->getInt(0, 1)], self::DAYS[$this->random->getInt(0, 2)], 5 * $this->random->getInt(1, 4)];
        if (($this->there()["$person $date"] ?? 0) > 600) {
            return;
        }
        $this->store->change(static fn (Data $data): array => $data->addTime('FIT', $person, $date, $minutes, "seen on $date"));
        $this->expect($person, $date, $minutes);
    }

    private function changeThere(bool $onlyMore): void
    {
        $times = array_values($this->store->read()->times);
        if ($times === []) {
            return;
        }
        $time = $times[$this->random->getInt(0, count($times) - 1)];
        $minutes = $onlyMore ? $time['minutes'] + 5 : 5 * $this->random->getInt(0, 12);
        if ($minutes > 120) {
            return;
        }
        $this->store->change(static fn (Data $data): array => $data->changeTime($time['id'], $minutes, $time['text']));
        $this->expect($time['person'], $time['day'], $minutes - $time['minutes']);
    }

    private function expect(string $person, string $date, int $minutes): void
    {
        $this->expected["$person $date"] = ($this->expected["$person $date"] ?? 0) + $minutes;
    }

    /** With one request in three that is lost, whose answer is lost, or after which everything stops. */
    private function syncBadly(TrackerLink $link): void
    {
        $this->network->mishap = fn (): string => ['', '', '', '', '', '', 'lost', 'unanswered', 'crash'][$this->random->getInt(0, 8)];
        try {
            $this->app->make(SyncLink::class)->handle($link->refresh()->load('tracker', 'project', 'linkedBy'));
        } catch (RuntimeException $crash) {
            self::assertSame('The power went out.', $crash->getMessage());
        }
    }

    /** @return array<string, int> */
    private function here(): array
    {
        $sums = [];
        foreach (Entry::query()->with('person')->where('task_id', $this->task('FIT')->id)->get() as $entry) {
            $key = $entry->person->code.' '.$entry->date->toString();
            $sums[$key] = ($sums[$key] ?? 0) + $entry->minutes->toInt();
        }
        ksort($sums);

        return $sums;
    }

    /** @return array<string, int> */
    private function there(): array
    {
        $sums = [];
        foreach ($this->store->read()->times as $time) {
            $key = $time['person'].' '.$time['day'];
            $sums[$key] = ($sums[$key] ?? 0) + $time['minutes'];
        }
        ksort($sums);

        return array_filter($sums);
    }
}
