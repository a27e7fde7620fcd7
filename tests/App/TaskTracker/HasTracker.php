<?php

declare(strict_types=1);

namespace Tests\App\TaskTracker;

use App\Models\AuditTrailRow;
use App\Models\Tracker as TrackerModel;
use App\Models\TrackerLink;
use App\Support\Network\OutsideHttp;
use App\Support\Network\PublicAddress;
use Simulated\Tracker\Data;
use Simulated\Tracker\Member;
use Simulated\Tracker\Store;
use Simulated\Tracker\Tracker;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/**
 * A tracker that knows ada and bo, and the task FIT of the project LENS, which mo manages.
 *
 * @phpstan-require-extends TestCase
 */
trait HasTracker
{
    private Store $store;

    private TrackerHttp $network;

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->store = new Store($this->folder());
        $this->store->change(static function (Data $data): void {
            $data->projects = [['key' => 'LIGHT', 'name' => 'Lighthouse']];
            $data->people = [new Member('ada', 'Ada Moor', 'ada@lighthouse.example'), new Member('bo', 'Bo Carr', 'bo@lighthouse.example')];
            $data->saveTask('LIGHT', 'FIT', 'Fit the lens', 'in progress', ['ada', 'bo'], 600);
        });
        $this->network = new TrackerHttp(new Tracker($this->store, 'a token'));
        $this->app->instance(OutsideHttp::class, $this->network);
        $this->app->instance(PublicAddress::class, new PublicAddress(['tracker.example:443']));
    }

    private function linked(): TrackerLink
    {
        $tracker = TrackerModel::query()->create(['name' => 'Lamp board', 'address' => 'https://tracker.example', 'token' => 'a token']);
        $last = AuditTrailRow::query()->max('id');

        return TrackerLink::query()->create([
            'tracker_id' => $tracker->id, 'project_id' => $this->task('FIT')->project_id, 'remote_key' => 'LIGHT', 'starts_on' => '2026-06-15', 'takes_tasks' => true,
            'linked_by_id' => $this->person('mo')->id, 'line' => is_numeric($last) ? (int) $last : 0,
        ])->refresh()->load('tracker', 'project', 'linkedBy');
    }
}
