<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\TaskTracker\Remote\TaskTracker;
use App\Features\TaskTracker\Remote\TrackerFault;
use App\Models\Person;
use App\Models\Tracker;
use App\Support\Network\PublicAddress;
use Illuminate\Support\Facades\DB;

/** Adds and removes task trackers. One is added once it has answered. */
final readonly class KeepTrackers
{
    public function __construct(private AuditTrail $auditTrail, private PublicAddress $addresses, private TaskTracker $tracker)
    {
    }

    /** @throws TrackerRefused */
    public function add(Person $office, string $name, string $address, string $token): Tracker
    {
        if ($this->addresses->of($address) === null) {
            throw TrackerRefused::because('address', 'address');
        }
        $tracker = new Tracker(['name' => $name, 'address' => $address, 'token' => $token]);
        try {
            $this->tracker->projects($tracker);
        } catch (TrackerFault) {
            throw TrackerRefused::because('address', 'no_answer');
        }

        return DB::transaction(function () use ($office, $tracker): Tracker {
            if (Tracker::query()->where('name', $tracker->name)->exists()) {
                throw TrackerRefused::because('name', 'name_taken');
            }
            $tracker->save();
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Tracker, $tracker->name, 'add', $office, null, ['address' => $tracker->address])]);

            return $tracker;
        });
    }

    public function remove(Person $office, Tracker $tracker): void
    {
        DB::transaction(function () use ($office, $tracker): void {
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Tracker, $tracker->name, 'remove', $office, ['address' => $tracker->address], null)]);
            $tracker->delete();
        });
    }
}
